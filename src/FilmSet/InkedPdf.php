<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\StripShapes;

/**
 * All plates of a print on one page, each in a named colour of its own that overprints the others (PDF 1.7, 8.6.6.4 and 8.6.7):
 * any page program shows them over each other and prints each as a separation. Marks are of all of them.
 */
final class InkedPdf extends FilmPdf
{
    /** An ink lighter than this is shown a little darker, or nobody would see it on paper, L*. */
    private const PALE = 92.0;
    private const SHOWN = '#c3ced6';

    /** @var array<int, FilmPlate> by their number */
    private array $inks = [];
    /** @var array<int, int> the object of each mask */
    private array $masks = [];

    public function __construct(private readonly FilmSheet $of, string $title, ?FilmPrinter $printer = null)
    {
        parent::__construct($of, $title, $printer);
        $this->PDFVersion = '1.7';
    }

    /**
     * @param list<FilmPlate>        $plates in print order
     * @param list<StripShapes|null> $strips what each prints of the register strip
     */
    public function addAll(array $plates, array $strips): void
    {
        [$wide, $high] = [$this->of->mm($this->of->widthPx), $this->of->mm($this->of->heightPx)];
        $this->page($wide, $high);
        $this->_out('/GSover gs');
        $room = ($wide - 2 * $this->of->mm($this->of->marginPx)) / max(1, \count($plates));
        foreach ($plates as $i => $plate) {
            $this->inks[$i] = $plate;
            $this->ink('/Ink'.$i);
            $this->_out(\sprintf(
                'q %.5F 0 0 %.5F %.5F %.5F cm /Mask%d Do Q',
                $this->of->mm($plate->plane->width) * self::POINTS_A_MM,
                $this->of->mm($plate->plane->height) * self::POINTS_A_MM,
                $this->of->mm($this->of->marginPx) * self::POINTS_A_MM,
                ($high - $this->of->mm($this->of->feedMarginPx + $plate->plane->height)) * self::POINTS_A_MM,
                $i,
            ));
            $this->shapes([], $strips[$i] ?? null);
            $this->label(\sprintf('%d %s', $i + 1, $plate->name), $this->of->mm($this->of->marginPx) + $i * $room, $room - 1);
        }
        $this->ink('/Every');
        $this->marks();
        $this->shapes($this->of->blacks(), null);
        $this->_out('Q');
    }

    private function ink(string $space): void
    {
        $this->_out($space.' cs 1 scn '.$space.' CS 1 SCN');
    }

    /** @return string the colour space of a name, which any device without it shows as a colour */
    private static function space(string $name, Srgb $shown): string
    {
        $rgb = \sprintf('%.4F %.4F %.4F', $shown->red / 255, $shown->green / 255, $shown->blue / 255);

        return '[/Separation /'.self::written($name).' /DeviceRGB <</FunctionType 2 /Domain [0 1] /C0 [1 1 1] /C1 ['.$rgb.'] /N 1>>]';
    }

    /** A name as PDF writes it: what is no plain letter or figure as its code. */
    private static function written(string $name): string
    {
        return (string) preg_replace_callback('/[^A-Za-z0-9_.-]/', static fn (array $byte): string => \sprintf('#%02X', \ord($byte[0])), $name);
    }

    protected function _putresources(): void
    {
        foreach ($this->inks as $i => $plate) {
            $packed = (string) gzcompress($plate->plane->bytes);
            $this->_newobj();
            $this->masks[$i] = \is_int($this->n) ? $this->n : 0;
            $this->_put(\sprintf('<</Type /XObject /Subtype /Image /ImageMask true /Width %d /Height %d /BitsPerComponent 1 /Decode [1 0] /Filter /FlateDecode /Length %d>>', $plate->plane->width, $plate->plane->height, \strlen($packed)));
            $this->_putstream($packed);
            $this->_put('endobj');
        }
        parent::_putresources();
    }

    protected function _putresourcedict(): void
    {
        parent::_putresourcedict();
        $this->_put('/ExtGState <</GSover <</Type /ExtGState /OP true /op true /OPM 1>>>>');
        $this->_put('/ColorSpace <</Every '.self::space('All', new Srgb(0, 0, 0)));
        foreach ($this->inks as $i => $plate) {
            $this->_put('/Ink'.$i.' '.self::space($plate->name, Lab::of($plate->colour)->l > self::PALE ? Srgb::fromHex(self::SHOWN) : $plate->colour));
        }
        $this->_put('>>');
    }

    protected function _putxobjectdict(): void
    {
        parent::_putxobjectdict();
        foreach ($this->masks as $i => $object) {
            $this->_put(\sprintf('/Mask%d %d 0 R', $i, $object));
        }
    }
}
