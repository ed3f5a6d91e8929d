<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

use Ektype\Core\Unit\Refusal;

/** Reads an SVG far enough to know its size and that it stands on its own. */
final class SvgArt
{
    /**
     * Its page in user units, as SVG 2 has it (7.2, 8.2).
     *
     * @throws UnreadableArt where it is broken, sizeless or reaches outside itself
     */
    public static function size(string $svg): PageSize
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

        $box = self::box($root->getAttribute('viewBox'));
        $width = self::length($root->getAttribute('width'));
        $height = self::length($root->getAttribute('height'));
        if ($box !== null && $box->width > 0 && $box->height > 0) {
            // A side that is not told, or told in per cent of a page that is not here, follows the other by the box.
            [$width, $height] = [
                $width ?? ($height === null ? $box->width : $height * $box->width / $box->height),
                $height ?? ($width === null ? $box->height : $width * $box->height / $box->width),
            ];
        } elseif ($box !== null) {
            $width = null;
        }
        if ($width === null || $height === null || $width <= 0 || $height <= 0) {
            throw UnreadableArt::at('art', 'The SVG has no size (no width, height or viewBox above zero), so its shape on the print is unknown. Set the page size in the drawing program and save again.');
        }

        return new PageSize($width, $height);
    }

    private static function box(string $told): ?PageSize
    {
        $box = preg_split('/[\s,]+/', trim($told));

        return $box !== false && \count($box) === 4 && is_numeric($box[2]) && is_numeric($box[3])
            ? new PageSize((float) $box[2], (float) $box[3])
            : null;
    }

    private static function staysInside(\DOMDocument $document): void
    {
        foreach ($document->childNodes as $node) {
            if ($node instanceof \DOMProcessingInstruction && $node->target === 'xml-stylesheet') {
                throw self::reachesOut('a style sheet beside it');
            }
        }
        foreach (self::elements($document) as $element) {
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

    /**
     * All of them, in one pass: the list that a document keeps of its elements is counted anew at each step.
     *
     * @return \Generator<\DOMElement>
     */
    private static function elements(\DOMDocument $document): \Generator
    {
        $here = $document->documentElement;
        while ($here !== null) {
            if ($here instanceof \DOMElement) {
                yield $here;
            }
            $next = $here->firstChild;
            while ($next === null && $here !== null) {
                $next = $here->nextSibling;
                $here = $next === null ? $here->parentNode : $here;
            }
            $here = $next;
        }
    }

    private static function reachesOut(string $what): Refusal
    {
        return UnreadableArt::at('art', 'The SVG reaches outside itself ('.$what.'), so the print could change with a file that is not here. Embed what it links to and save it again.');
    }

    private static function length(string $text): ?float
    {
        if (preg_match('/^\s*([+]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)\s*(px|pt|pc|mm|cm|in|q|em|rem|ex)?\s*$/i', $text, $parts) !== 1) {
            return null;
        }
        $perUnit = match (strtolower($parts[2] ?? '')) {
            'pt' => 96 / 72,
            'pc', 'em', 'rem' => 16.0,
            'ex' => 8.0,
            'mm' => 96 / 25.4,
            'cm' => 96 / 2.54,
            'in' => 96.0,
            'q' => 96 / 101.6,
            default => 1.0,
        };

        return (float) $parts[1] * $perUnit;
    }
}
