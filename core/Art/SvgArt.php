<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

use Ektype\Core\Unit\Refusal;

/** Reads an SVG far enough to know its size and that it stands on its own. */
final class SvgArt
{
    /**
     * @return array{int, int} width and height in user units, rounded up
     *
     * @throws UnreadableArt where it is broken, sizeless or reaches outside itself
     */
    public static function size(string $svg): array
    {
        if (stripos($svg, '<!ENTITY') !== false || stripos($svg, '<!DOCTYPE') !== false && preg_match('/<!DOCTYPE[^>]*\[/i', $svg) === 1) {
            throw self::reachesOut('a document type with entities');
        }
        $before = libxml_use_internal_errors(true);
        $document = new \DOMDocument();
        $loaded = $document->loadXML($svg, \LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $document->documentElement;
        if (!$loaded || $root === null) {
            throw UnreadableArt::at(
                'art',
                'The SVG breaks off or is damaged: its tags do not close. Save it again from the drawing program.',
            );
        }
        if ($root->localName !== 'svg') {
            throw UnreadableArt::at('art', 'This is not a picture that Ektype can read. Bring a PNG, JPEG, TIFF, WebP or SVG.');
        }
        self::staysInside($document);

        $box = preg_split('/[\s,]+/', trim($root->getAttribute('viewBox')));
        $width = self::length($root->getAttribute('width'));
        $height = self::length($root->getAttribute('height'));
        if ($box !== false && \count($box) === 4 && is_numeric($box[2]) && is_numeric($box[3])) {
            $width ??= (float) $box[2];
            $height ??= (float) $box[3];
            if ((float) $box[2] <= 0 || (float) $box[3] <= 0) {
                $width = 0.0;
            }
        }
        if ($width === null || $height === null || $width <= 0 || $height <= 0) {
            throw UnreadableArt::at('art', 'The SVG has no size (no width, height or viewBox above zero), so its shape on the print is unknown. Set the page size in the drawing program and save again.');
        }

        return [max(1, (int) ceil($width)), max(1, (int) ceil($height))];
    }

    private static function staysInside(\DOMDocument $document): void
    {
        foreach ($document->childNodes as $node) {
            if ($node instanceof \DOMProcessingInstruction && $node->target === 'xml-stylesheet') {
                throw self::reachesOut('a style sheet beside it');
            }
        }
        foreach ($document->getElementsByTagName('*') as $element) {
            $name = strtolower((string) $element->localName);
            if (\in_array($name, ['script', 'foreignobject', 'iframe'], true)) {
                throw self::reachesOut('a <'.$element->localName.'>');
            }
            if ($name === 'style' && preg_match('/@import|url\(\s*[\'"]?(?!#|data:)/i', $element->textContent) === 1) {
                throw self::reachesOut('a style from elsewhere');
            }
            foreach ($element->attributes as $attribute) {
                $value = trim($attribute->nodeValue ?? '');
                if ($attribute->localName === 'href' && $name !== 'a' && preg_match('/^(#|data:|$)/i', $value) !== 1) {
                    throw self::reachesOut('a link to “'.mb_strimwidth($value, 0, 60, '…').'”');
                }
                if ($attribute->localName === 'base' || preg_match('/url\(\s*[\'"]?(?!#|data:)/i', $value) === 1) {
                    throw self::reachesOut('a link to “'.mb_strimwidth($value, 0, 60, '…').'”');
                }
            }
        }
    }

    private static function reachesOut(string $what): Refusal
    {
        return UnreadableArt::at('art', 'The SVG reaches outside itself ('.$what.'), so the print could change with a file that is not here. Embed what it links to and save it again.');
    }

    private static function length(string $text): ?float
    {
        if (preg_match('/^\s*([0-9.]+)(px|pt|mm|cm|in)?\s*$/', $text, $parts) !== 1) {
            return null;
        }
        $perUnit = match ($parts[2] ?? '') {
            'pt' => 96 / 72,
            'mm' => 96 / 25.4,
            'cm' => 96 / 2.54,
            'in' => 96.0,
            default => 1.0,
        };

        return (float) $parts[1] * $perUnit;
    }
}
