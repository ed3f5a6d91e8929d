<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Screen;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Screen\StencilResists;
use PHPUnit\Framework\TestCase;

final class StencilResistsTest extends TestCase
{
    public function testWhatAnInkDoesToAStencilIsToldBeforeItIsBurned(): void
    {
        self::assertStringContainsString('softens in the run', StencilResists::Solvent->against(InkKind::WaterBased, 'Quick'));
        self::assertStringContainsString('edges dissolve', StencilResists::Water->against(InkKind::Solvent, 'Quick'));
        self::assertStringContainsString('Whether Quick withstands water-based ink is not known here', StencilResists::Unknown->against(InkKind::WaterBased, 'Quick'));
        foreach (StencilResists::cases() as $any) {
            self::assertSame('', $any->against(InkKind::Plastisol, 'Quick'));
            self::assertSame('', StencilResists::Both->against(InkKind::Solvent, 'Quick'));
        }
        self::assertSame('', StencilResists::Water->against(InkKind::WaterBased, ''));
    }
}
