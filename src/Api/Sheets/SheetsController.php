<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Answering\Served;
use Ektype\App\Api\Asking\Brought;
use Ektype\App\Api\Asking\Form;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Shelves as tables, out and in. */
final readonly class SheetsController
{
    private const MISSING = 'No table came. Bring a CSV file, as a spreadsheet saves it.';

    public function __construct(private Sheets $sheets, private ShopDoor $door)
    {
    }

    #[Heavy]
    #[Route('/api/sheets/{table}.csv', methods: ['GET'])]
    public function csv(SheetKind $table): Response
    {
        return Served::file($this->sheets->csv($table), 'text/csv; charset=utf-8', $table->value.'.csv');
    }

    /** What the table would do; nothing is done. */
    #[Heavy]
    #[Route('/api/sheets/{table}/look', methods: ['POST'])]
    public function look(SheetKind $table, #[Form('file')] NewSheet $sheet, Request $request): SheetLook
    {
        return $this->sheets->look($table, self::text($request));
    }

    private static function text(Request $request): string
    {
        $file = Brought::file($request, 'file', self::MISSING);
        // Looked at before a byte of it is read.
        if ($file->getSize() > CsvTable::MOST_BYTES) {
            throw CsvTable::tooLarge($file->getSize());
        }

        return $file->getContent();
    }

    /** Takes the rows that can be taken, all of them or none. */
    #[Heavy]
    #[Route('/api/sheets/{table}', methods: ['POST'])]
    public function take(SheetKind $table, #[Form('file')] NewSheet $sheet, Request $request): SheetLook
    {
        $csv = self::text($request);
        $look = $this->sheets->look($table, $csv);
        $changes = $this->sheets->changes($table, $csv);
        if ($changes !== []) {
            $this->door->do(...$changes);
        }

        return $look;
    }
}
