<?php

declare(strict_types=1);

namespace Ektype\App\Api\Asking;

use Ektype\App\Action\Shelves\ShelfKind;
use Ektype\App\Api\Guard\NotOurs;
use Ektype\App\Api\Shelves\Entries;
use Ektype\App\Api\Shelves\Entry;
use Ektype\App\Plan\MergePatch;
use Ektype\App\Plan\Patch;
use Ektype\App\Request\RequestReader;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Shop\NotHere;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

/** Reads typed requests for the controllers. */
final readonly class Resolver implements ValueResolverInterface
{
    private const MOST_JSON_BYTES = 1_000_000;
    private const MERGE_PATCH = 'application/merge-patch+json';
    /** Where the type that a request was read as is remembered, so that a fault finds its field. */
    public const READ_AS = '_read_as';
    /** The file that comes with a form, a field like any other. */
    public const FILE = '_file';
    /** Addresses of pictures carry a key that changes whenever the picture does; it asks for nothing. */
    private const KEY = 'k';
    /** Fields of forms that stay text even where they look like numbers. */
    private const TEXTS = ['name', 'garmentName'];

    public function __construct(private RequestReader $reader)
    {
    }

    private static function jsonOf(Request $request): string
    {
        if ($request->getContentTypeFormat() !== 'json' && $request->headers->get('Content-Type') !== self::MERGE_PATCH) {
            throw NotOurs::because(415, 'This is not JSON, so nothing was changed. Send it as application/json.');
        }
        if ((int) $request->headers->get('Content-Length', '0') > self::MOST_JSON_BYTES) {
            throw NotOurs::because(413, 'That is more than any change of the shop is long, so nothing was changed.');
        }

        return $request->getContent();
    }

    /** @return iterable<object> */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        $type = $argument->getType();
        if ($type === Entry::class) {
            // Each shelf describes its things in its own way; the route names the shelf.
            $type = Entries::of(ShelfKind::tryFrom($request->attributes->getString('kind')) ?? throw new NotHere());
        }
        if ($type === null || !class_exists($type)) {
            return [];
        }
        foreach ($argument->getAttributes() as $how) {
            if ($how instanceof MergePatch) {
                $request->attributes->set(self::READ_AS, $how->of);
                $values = json_decode(self::jsonOf($request), true, 32);

                return [new Patch(\is_array($values) && !array_is_list($values) ? $values : throw UnreadableRequest::because('The change names no field, so nothing was changed.'))];
            }
            if ($how instanceof Body || $how instanceof Asked || $how instanceof Form) {
                $request->attributes->set(self::READ_AS, $type);
                $request->attributes->set(self::FILE, $how instanceof Form ? $how->file : '');

                return [match (true) {
                    $how instanceof Body => $this->reader->json(self::jsonOf($request), $type),
                    $how instanceof Asked => $this->reader->words(array_diff_key($request->query->all(), [self::KEY => true]), $type),
                    default => $this->reader->words($request->request->all(), $type, self::TEXTS),
                }];
            }
        }

        return [];
    }
}
