<?php

declare(strict_types=1);

namespace Ektype\App\Api\Asking;

use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Art\ArtFile;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;

/** A file that was brought with a request. */
final class Brought
{
    public const TOO_LARGE = 'The file is larger than the 64 MB that Ektype takes. Save it as PNG at the size it will print, 300 to 600 ppi.';

    /** @throws UnreadableRequest where none came, or not whole */
    public static function file(Request $request, string $name, string $missing): UploadedFile
    {
        $file = $request->files->get($name);
        if (!$file instanceof UploadedFile) {
            // A body over the server's limit arrives empty; its announced length still tells.
            throw UnreadableRequest::at(
                $name,
                (int) $request->headers->get('Content-Length', '0') > ArtFile::MOST_BYTES ? self::TOO_LARGE : $missing,
            );
        }
        if (!$file->isValid()) {
            throw UnreadableRequest::at(
                $name,
                \in_array(
                    $file->getError(),
                    [\UPLOAD_ERR_INI_SIZE, \UPLOAD_ERR_FORM_SIZE],
                    true,
                ) ? self::TOO_LARGE : 'The file did not arrive whole. Send it again.',
            );
        }

        return $file;
    }
}
