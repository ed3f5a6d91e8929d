<?php

declare(strict_types=1);

namespace Ektype\App\Api;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the shapes that the front end reads. */
final class Answer
{
    /** @param object|array<mixed> $view */
    public static function json(object|array $view, int $status = 200): JsonResponse
    {
        $response = new JsonResponse(null, $status);
        $response->setEncodingOptions(\JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION);
        $response->setData($view);

        return $response;
    }

    /** A picture whose address changes whenever it does. */
    public static function picture(string $png): Response
    {
        return new Response($png, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    public static function file(string $contents, string $type, string $name): Response
    {
        return new Response($contents, 200, ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.$name.'"']);
    }
}
