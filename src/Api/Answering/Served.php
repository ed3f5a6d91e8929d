<?php

declare(strict_types=1);

namespace Ektype\App\Api\Answering;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;

/** Pictures and files. */
final class Served
{
    /** A picture whose address changes whenever it does. */
    public static function picture(string $png): Response
    {
        return new Response($png, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    public static function file(string $contents, string $type, string $name): Response
    {
        return new Response(
            $contents,
            200,
            ['Content-Type' => $type, 'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $name)],
        );
    }
}
