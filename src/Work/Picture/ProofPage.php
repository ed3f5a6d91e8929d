<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

use Ektype\Core\Colour\Srgb;

/** A page for the customer: the print on its garment, to scale, with inks, garments and a place to sign. */
final class ProofPage extends \FPDF
{
    private const MARGIN_MM = 18.0;
    private const PAGE_MM = 210.0;
    /** The print and its garment take so much of the page. */
    private const PICTURE_WIDTH_MM = self::PAGE_MM - 2 * self::MARGIN_MM;
    private const PICTURE_HEIGHT_MM = 150.0;
    /** Of garment seen around the print. */
    private const CLOTH_MM = 9.0;
    private const LARGE = 22;
    private const TEXT = 10;
    private const SMALL = 8;

    public function __construct(string $title)
    {
        parent::__construct('P', 'mm', 'A4');
        $this->SetAutoPageBreak(false);
        $this->SetMargins(self::MARGIN_MM, self::MARGIN_MM);
        $this->SetCreator('Ektype');
        $this->SetTitle($title, true);
        $this->AddPage();
    }

    public function head(string $name, string $under): void
    {
        $this->SetY(self::MARGIN_MM);
        $this->SetFont('Helvetica', 'B', self::LARGE);
        $this->Cell(0, 9, self::latin($name), 0, 1);
        $this->SetFont('Helvetica', '', self::TEXT);
        $this->Cell(0, 6, self::latin($under), 0, 1);
        $this->Ln(3);
    }

    /**
     * The print on its cloth, as large as the page takes, at the most true to size.
     *
     * @return float how large it is shown, 1 is true to size
     */
    public function picture(string $png, float $widthMm, float $heightMm, string $clothHex): float
    {
        $scale = min(
            1.0,
            (self::PICTURE_WIDTH_MM - 2 * self::CLOTH_MM) / $widthMm,
            (self::PICTURE_HEIGHT_MM - 2 * self::CLOTH_MM) / $heightMm,
        );
        [$w, $h] = [$widthMm * $scale, $heightMm * $scale];
        $top = $this->down();
        $this->fill($clothHex);
        $this->Rect(self::MARGIN_MM, $top, self::PICTURE_WIDTH_MM, $h + 2 * self::CLOTH_MM, 'F');
        $this->Image($png, (self::PAGE_MM - $w) / 2, $top + self::CLOTH_MM, $w, $h, 'PNG');
        $this->SetY($top + $h + 2 * self::CLOTH_MM + 2);

        return $scale;
    }

    /** A line of small print. */
    public function small(string $text): void
    {
        $this->SetFont('Helvetica', '', self::SMALL);
        $this->MultiCell(0, 4, self::latin($text));
        $this->Ln(2);
    }

    public function fact(string $name, string $value): void
    {
        $this->SetFont('Helvetica', '', self::TEXT);
        $this->Cell(32, 6, self::latin($name));
        $this->SetFont('Helvetica', 'B', self::TEXT);
        $this->MultiCell(0, 6, self::latin($value), 0, 'L');
    }

    /** @param list<array{string, string}> $inks colour and name, in print order */
    public function inks(array $inks): void
    {
        $this->Ln(2);
        $this->SetFont('Helvetica', '', self::TEXT);
        $columns = 3;
        $width = self::PICTURE_WIDTH_MM / $columns;
        $top = $this->down();
        foreach ($inks as $i => [$hex, $name]) {
            $x = self::MARGIN_MM + $width * ($i % $columns);
            $y = $top + 8 * intdiv($i, $columns);
            $this->fill($hex);
            $this->Rect($x, $y, 9, 6, 'DF');
            $this->SetXY($x + 11, $y);
            $this->Cell($width - 12, 6, self::latin($name));
        }
        $this->SetXY(self::MARGIN_MM, $top + 8 * (int) ceil(\count($inks) / $columns) + 2);
    }

    /** Where the customer signs, at the foot of the page. */
    public function sign(): void
    {
        $this->SetY(-44);
        $this->SetFont('Helvetica', '', self::TEXT);
        $y = $this->down();
        foreach (['To be printed as shown', 'To be printed with the changes noted here'] as $i => $choice) {
            $this->Rect(self::MARGIN_MM, $y + 8 * $i, 4, 4);
            $this->SetXY(self::MARGIN_MM + 7, $y + 8 * $i - 1);
            $this->Cell(0, 6, $choice);
        }
        $line = $y + 26;
        foreach ([[self::MARGIN_MM, 'Name'], [self::MARGIN_MM + 70, 'Date'], [self::MARGIN_MM + 115, 'Signature']] as $i => [$x, $word]) {
            $this->Line($x, $line, $x + [62, 37, 59][$i], $line);
            $this->SetXY($x, $line);
            $this->SetFont('Helvetica', '', self::SMALL);
            $this->Cell(40, 5, $word);
        }
    }

    public function bytes(): string
    {
        $pdf = $this->Output('S');

        return \is_string($pdf) ? $pdf : throw new \UnexpectedValueException('The page could not be put together.');
    }

    /** How far down the page it stands, mm. */
    private function down(): float
    {
        $y = $this->GetY();

        return is_numeric($y) ? (float) $y : throw new \UnexpectedValueException('The page has no place to write on.');
    }

    private function fill(string $hex): void
    {
        $colour = Srgb::fromHex($hex);
        $this->SetFillColor($colour->red, $colour->green, $colour->blue);
    }

    /** The built-in fonts of PDF know Western letters only; others are written as near as they go. */
    private static function latin(string $text): string
    {
        return (string) iconv('UTF-8', 'windows-1252//TRANSLIT//IGNORE', strtr($text, ['−' => '-', '×' => "\u{00d7}"]));
    }
}
