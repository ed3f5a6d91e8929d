<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Raster\BitPlane;

/** How films are written for the printer and the glass that they go on: which way round, black or clear, and how many of each. */
final readonly class FilmWay
{
    public const MOST_COPIES = 12;

    /**
     * @param bool $mirrored for ink that lies against the glass, and emulsion on the other side
     * @param bool $negative clear where the ink prints, for direct positives and for plates that wash out the other way
     * @param int  $copies   of each film on the media: two to lay over each other where one lets light through, more for several screens
     *
     * @throws FilmDoesNotFit where there would be no film, or more than anybody lays
     */
    public function __construct(public bool $mirrored = false, public bool $negative = false, public int $copies = 1)
    {
        if ($copies < 1 || $copies > self::MOST_COPIES) {
            throw FilmDoesNotFit::at('filmCopies', \sprintf('%d copies of each film cannot be laid out: from 1 to %d can.', $copies, self::MOST_COPIES));
        }
    }

    /** Whether a film is as it is looked at. */
    public function isUpright(): bool
    {
        return !$this->mirrored && !$this->negative;
    }

    /** A film as it is written; written again it is as it was. */
    public function turned(BitPlane $film): BitPlane
    {
        $bytes = $film->bytes;
        if ($this->mirrored) {
            $turn = [];
            for ($byte = 0; $byte < 256; ++$byte) {
                $turn[\chr($byte)] = \chr((int) bindec(strrev(\sprintf('%08b', $byte))));
            }
            $bytes = '';
            $empty = 8 * $film->stride - $film->width;
            for ($y = 0; $y < $film->height; ++$y) {
                // The last byte becomes the first, and what it had beyond the width is moved out of it.
                $row = strrev(strtr($film->row($y), $turn));
                $bytes .= $empty === 0 ? $row : self::movedLeft($row, $empty);
            }
        }

        return $this->negative ? BitPlane::within($film->width, $film->height, ~$bytes) : new BitPlane($film->width, $film->height, $bytes);
    }

    /** What a label says of the side that the ink lies on. */
    public function says(): string
    {
        return ($this->negative ? 'negative   ' : '').'this way up, ink side '.($this->mirrored ? 'down' : 'up');
    }

    private static function movedLeft(string $row, int $bits): string
    {
        $moved = '';
        for ($i = 0, $n = \strlen($row); $i < $n; ++$i) {
            $moved .= \chr((\ord($row[$i]) << $bits | ($i + 1 < $n ? \ord($row[$i + 1]) >> (8 - $bits) : 0)) & 255);
        }

        return $moved;
    }
}
