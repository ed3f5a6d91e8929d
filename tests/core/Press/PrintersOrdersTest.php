<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\OrderSearch;
use Ektype\Core\Press\OrderTerms;
use Ektype\Core\Press\PlateInOrder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Jobs with the order and the flashes that a printer would give them, worked out by hand from the trade’s rules and not by the program:
 * base first and flashed, highlight last over gelled ink, raised inks after all; light before dark where opaque inks touch; a flash
 * between touching opaque inks on coarse mesh, none on fine; transparent inks and layers that dry as they stand.
 */
final class PrintersOrdersTest extends TestCase
{
    private const BLACK = '#101014';
    private const NAVY = '#1b2436';
    private const RED = '#8c1c22';
    private const GREY = '#5a5d60';
    private const WHITE = '#f7f5ef';
    private const SAND = '#d9c7a0';
    private const PAPER = '#fbfaf4';

    /**
     * A plate: name, colour, share of the picture in %, mesh per cm, and what it is. Contacts in % of the picture: “A-B” along an edge,
     * “A/B” over each other; what stands on a base need not be told. An order: “*” flashes.
     *
     * @return iterable<string, array{string, string, string, string, string}>
     */
    public static function jobs(): iterable
    {
        // Spot on dark cloth.
        yield 'three touching inks on coarse mesh' => [self::NAVY, 'Base f6f4ee 55 43 base; Straw efd9a0 20 61; Sage 8fa878 18 61; Rust b84a30 15 61', 'Straw-Sage 1.2; Sage-Rust 0.9', '', 'Base* Straw* Sage* Rust'];
        yield 'the same on fine mesh' => [self::NAVY, 'Base f6f4ee 55 43 base; Straw efd9a0 20 120; Sage 8fa878 18 120; Rust b84a30 15 120', 'Straw-Sage 1.2; Sage-Rust 0.9', '', 'Base* Straw Sage Rust'];
        yield 'the same, nowhere touching' => [self::NAVY, 'Base f6f4ee 55 43 base; Straw efd9a0 20 61; Sage 8fa878 18 61; Rust b84a30 15 61', '', '', 'Base* Straw Sage Rust'];
        yield 'given from dark to light, printed from light to dark' => [self::BLACK, 'Rust b84a30 15 120; Sage 8fa878 18 120; Straw efd9a0 20 120; Base f6f4ee 55 55 base', 'Straw-Sage 1.2; Sage-Rust 0.9; Straw-Rust 0.4', '', 'Base* Straw Sage Rust'];
        yield 'a highlight on bare base' => [self::BLACK, 'Base f6f4ee 60 55 base; HL ffffff 3 120 hl; Scarlet c82828 27.1 120; Black 0c0c0c 26.9 90; Green 1f8a4c 22.9 55', 'Scarlet-Black 3.4; Scarlet-Green 1.9; Black-Green 0.6', '', 'Base* Green* Scarlet Black HL'];
        yield 'a highlight over red' => [self::BLACK, 'HL ffffff 2 120 hl; Base f6f4ee 50 43 base; Red c82828 30 120', 'HL/Red 2', '', 'Base* Red* HL'];
        yield 'a highlight over the last of two' => [self::NAVY, 'Base f6f4ee 50 43 base; Gold d9a520 20 120; Red c82828 30 120; HL ffffff 2 120 hl', 'HL/Red 2; Gold-Red 1', '', 'Base* Gold Red* HL'];
        yield 'a highlight that touches nothing wet' => [self::NAVY, 'Base f6f4ee 50 43 base; Gold d9a520 20 61; HL ffffff 2 120 hl', '', '', 'Base* Gold HL'];
        yield 'a black outline round all' => [self::RED, 'Base f6f4ee 60 48 base; Yellow f2c830 25 100; Blue 2450a0 20 100; Black 111111 8 120', 'Yellow-Black 2; Blue-Black 2; Yellow-Blue 0.3', '', 'Base* Yellow Blue Black'];
        yield 'a black outline on coarse colours' => [self::RED, 'Base f6f4ee 60 48 base; Yellow f2c830 25 61; Blue 2450a0 20 61; Black 111111 8 120', 'Yellow-Black 2; Blue-Black 2', '', 'Base* Yellow Blue* Black'];
        yield 'one ink on its base' => [self::BLACK, 'Base f6f4ee 30 43 base; Red c82828 30 61', '', '', 'Base* Red'];
        yield 'base alone' => [self::BLACK, 'White f6f4ee 30 43 base', '', '', 'White'];
        yield 'gold without a base' => [self::BLACK, 'Gold d9a520 12 61', '', '', 'Gold'];
        yield 'two inks apart without a base' => [self::GREY, 'Navy 14284c 20 61; Gold d9a520 12 61', '', '', 'Gold Navy'];
        yield 'two coarse inks that touch without a base' => [self::GREY, 'Navy 14284c 20 61; Gold d9a520 12 61', 'Gold-Navy 0.8', '', 'Gold* Navy'];
        yield 'puff over a base' => [self::NAVY, 'Puff e8e0d0 10 43 raised; Base f6f4ee 40 43 base; Teal 0e6e6a 20 61', '', '', 'Base* Teal Puff'];
        yield 'puff beside a colour' => [self::NAVY, 'Puff e8e0d0 10 43 raised; Base f6f4ee 40 43 base; Teal 0e6e6a 20 61', 'Teal-Puff 1', '', 'Base* Teal* Puff'];
        yield 'puff after the highlight' => [self::BLACK, 'Puff e0d0c0 8 43 raised; HL ffffff 2 120 hl; Base f6f4ee 40 43 base; Teal 0e6e6a 20 120', '', '', 'Base* Teal HL Puff'];
        yield 'a flash on the base alone, where there is one' => [self::NAVY, 'Base f6f4ee 55 43 base; Straw efd9a0 20 61; Rust b84a30 15 61', 'Straw-Rust 1.2', 'flashes 1', 'Base* Straw Rust'];
        yield 'no flash, where there is none' => [self::NAVY, 'Base f6f4ee 55 43 base; Straw efd9a0 20 61; Rust b84a30 15 61', 'Straw-Rust 1.2', 'flashes 0', 'Base Straw Rust'];
        yield 'two flashes: base, and the wettest seam' => [self::BLACK, 'Base f6f4ee 55 43 base; Cream f0e6c8 20 61; Orange e07820 15 61; Brown 5a3018 15 61', 'Cream-Orange 2; Orange-Brown 0.2', 'flashes 2', 'Base* Cream* Orange Brown'];
        yield 'part of the art stands on bare cloth' => [self::NAVY, 'Base f6f4ee 30 43 base; Straw efd9a0 20 61; Black 0c0c0c 15 120 off', '', '', 'Base* Straw Black'];
        yield 'a transparent tint on its base' => [self::BLACK, 'Base f6f4ee 40 43 base; Rose e890a0 40 120 clear', '', '', 'Base* Rose'];
        yield 'metallic before navy' => [self::BLACK, 'Base f6f4ee 40 43 base; Navy 1c3060 15 100; Silver b8bcc0 12 34', 'Silver-Navy 0.6', '', 'Base* Silver* Navy'];
        yield 'five inks on fine mesh' => [self::BLACK, 'Base f6f4ee 70 48 base; Lemon f4e060 10 120; Pink e87898 12 120; Green 3a9a50 14 120; Blue 2848a0 12 120; Purple 502878 10 120', 'Lemon-Pink 1; Pink-Green 1; Green-Blue 1; Blue-Purple 1', '', 'Base* Lemon Pink Green Blue Purple'];
        yield 'trap of a light under a dark ink' => [self::NAVY, 'Base f6f4ee 50 48 base; Sky 9cc4e0 25 100; Royal 2040a0 20 100', 'Sky-Royal 0.8; Sky/Royal 0.4', '', 'Base* Sky Royal'];
        yield 'a little type in black' => [self::SAND, 'Black 141414 3 120; Cream f4ecd4 40 100', 'Black-Cream 1.5', '', 'Cream Black'];
        // Spot on light cloth.
        yield 'yellow, red, black on fine mesh' => [self::WHITE, 'Black 141414 10 120; Red c82828 15 120; Yellow f2c830 20 120', 'Yellow-Red 1; Red-Black 1; Yellow-Black 0.5', '', 'Yellow Red Black'];
        yield 'yellow, red, black on coarse mesh' => [self::WHITE, 'Black 141414 10 61; Red c82828 15 61; Yellow f2c830 20 61', 'Yellow-Red 1; Red-Black 1; Yellow-Black 0.5', '', 'Yellow* Red* Black'];
        yield 'yellow, red, black apart' => [self::WHITE, 'Black 141414 10 61; Red c82828 15 61; Yellow f2c830 20 61', '', '', 'Yellow Red Black'];
        yield 'black overprints' => [self::WHITE, 'Black 141414 12 120; Yellow f2c830 30 120', 'Black/Yellow 8', '', 'Yellow Black'];
        yield 'black overprints coarse yellow' => [self::WHITE, 'Black 141414 12 120; Yellow f2c830 30 55', 'Black/Yellow 8', '', 'Yellow* Black'];
        yield 'brown and plum' => [self::SAND, 'Plum 5c2848 20 61; Rye 8a5a30 15 61', '', '', 'Rye Plum'];
        yield 'pale type beside a large dark panel' => [self::WHITE, 'Panel 24304c 35 100; Type f0d890 3 120', 'Panel-Type 0.8', '', 'Type Panel'];
        yield 'dark type beside a large light panel' => [self::WHITE, 'Type 24304c 3 120; Panel f0d890 35 100', 'Panel-Type 0.8', '', 'Panel Type'];
        yield 'two inks of one lightness, the small one first' => [self::WHITE, 'Large c05050 30 100; Small 50a050 4 100', 'Large-Small 1', '', 'Small Large'];
        yield 'puff on light cloth' => [self::WHITE, 'Puff d04848 15 43 raised; Sun f0c840 20 100; Sea 2868a0 20 100', 'Sun-Sea 0.5', '', 'Sun Sea Puff'];
        yield 'school crest' => [self::WHITE, 'Navy 1c2c54 22 100; Gold d0a030 12 100; Crimson a02038 10 100', 'Gold-Navy 1; Crimson-Navy 1; Gold-Crimson 0.4', '', 'Gold Crimson Navy'];
        yield 'school crest, coarse gold' => [self::WHITE, 'Navy 1c2c54 22 100; Gold d0a030 12 43; Crimson a02038 10 100', 'Gold-Navy 1; Crimson-Navy 1; Gold-Crimson 0.4', '', 'Gold* Crimson Navy'];
        yield 'four pale tints and a keyline' => [self::WHITE, 'Key 202020 6 120; Mint bce0c8 12 120; Peach f4cdb0 12 120; Lilac cbb8e0 12 120; Butter f6eab0 12 120', 'Key-Mint 1; Key-Peach 1; Key-Lilac 1; Key-Butter 1', '', 'Butter Mint Peach Lilac Key'];
        yield 'one ink' => [self::WHITE, 'Teal 0e6e6a 20 77', '', '', 'Teal'];
        yield 'red before black that touches it a hair' => [self::WHITE, 'Black 141414 10 61; Red c82828 15 61', 'Red-Black 0.1', '', 'Red Black'];
        yield 'coarse inks that touch a hair, on dark' => [self::NAVY, 'Base f6f4ee 30 43 base; Straw efd9a0 20 61; Rust b84a30 15 61', 'Straw-Rust 0.1', '', 'Base* Straw Rust'];
        // Tones.
        yield 'simulated on black' => [self::BLACK, 'Base f0f0ec 40 90 base; Amber e0a030 20 120; Red c03030 20 120; Blue 3050a0 25 120', 'Amber/Red 12; Red/Blue 10; Amber/Blue 6', 'tonal', 'Base* Amber Red Blue'];
        yield 'simulated on black with a highlight' => [self::BLACK, 'HL ffffff 5 120 hl; Base f0f0ec 40 90 base; Amber e0a030 20 120; Red c03030 20 120', 'Amber/Red 12; HL/Amber 3; HL/Red 1', 'tonal', 'Base* Amber Red* HL'];
        yield 'simulated over a grey base' => [self::NAVY, 'Grey 9a9a98 40 90 base; Pink e08090 15 120; Black 101010 15 120', 'Pink/Black 8', 'tonal', 'Grey* Pink Black'];
        yield 'index on black' => [self::BLACK, 'Base f0f0ec 70 90 base; Cream f0e0b0 18 120; Rust b05030 20 120; Teal 206868 16 120', 'Cream-Rust 16; Rust-Teal 14; Cream-Teal 9', 'tonal', 'Base* Cream Rust Teal'];
        yield 'index on white' => [self::WHITE, 'Teal 206868 16 120; Rust b05030 20 120; Cream f0e0b0 18 120', 'Cream-Rust 16; Rust-Teal 14; Cream-Teal 9', 'tonal', 'Cream Rust Teal'];
        yield 'two tones' => [self::GREY, 'Black 101010 35 100; White f4f4f0 25 100', 'Black/White 4', 'tonal', 'White Black'];
        yield 'one tone on its base' => [self::BLACK, 'Base f0f0ec 30 90 base; Red c03030 30 120', '', 'tonal', 'Base* Red'];
        yield 'coarse white under fine black dots' => [self::GREY, 'White f4f4f0 25 61; Black 101010 35 120', 'Black/White 4', 'tonal', 'White* Black'];
        // Transparent inks and layers stand as they are.
        yield 'process' => [self::WHITE, 'Yellow f8e028 40 140 clear; Magenta c8287c 40 140 clear; Cyan 1898d0 40 140 clear; Black 1c1c1c 20 140 clear', 'Yellow/Magenta 30; Yellow/Cyan 30; Magenta/Cyan 25; Cyan/Black 12', 'tonal', 'Yellow Magenta Cyan Black'];
        yield 'process over a white base' => [self::BLACK, 'Base f6f4ee 60 90 base; Yellow f8e028 40 140 clear; Magenta c8287c 40 140 clear; Cyan 1898d0 40 140 clear; Black 1c1c1c 20 140 clear', 'Yellow/Magenta 30; Yellow/Cyan 30; Magenta/Cyan 25; Cyan/Black 12', 'tonal', 'Base* Yellow Magenta Cyan Black'];
        yield 'transparent reds over each other' => [self::PAPER, 'Rose e8a0b0 50 120 clear; Wine 903050 30 120 clear', 'Rose/Wine 28', '', 'Rose Wine'];
        yield 'transparent, dark one first, by design' => [self::PAPER, 'Wine 903050 30 120 clear; Rose e8a0b0 50 120 clear', 'Rose/Wine 28', '', 'Wine Rose'];
        yield 'layers on paper' => [self::PAPER, 'Sage 9cb090 50 77 clear; Mint b8d8c0 40 77 clear; Butter f0e4a8 40 77 clear; Slate 506070 30 77 clear', 'Sage/Mint 30; Mint/Slate 20; Butter/Slate 12', 'tonal dries', 'Sage Mint Butter Slate'];
        yield 'opaque layers on paper dry, too' => [self::PAPER, 'Ochre c09040 40 61; Indigo 283868 30 61', 'Ochre-Indigo 3', 'dries', 'Ochre Indigo'];
        yield 'a varnish over dry layers' => [self::PAPER, 'Ochre c09040 40 61; Indigo 283868 30 61; Gloss f4f4f0 60 77 clear', 'Ochre/Gloss 40; Indigo/Gloss 30', 'dries', 'Ochre Indigo Gloss'];
        yield 'opaque cream under a transparent glaze' => [self::SAND, 'Cream f4ecd4 40 61; Glaze c89050 40 120 clear', 'Cream/Glaze 35', '', 'Cream* Glaze'];
        yield 'two bases under colours' => [self::BLACK, 'Base f6f4ee 50 43 base; Second f6f4ee 50 55 base; Red c82828 20 100; Blue 2848a0 20 100', 'Red-Blue 0.6', '', 'Base Second* Red Blue'];
    }

    #[DataProvider('jobs')]
    public function testAJobGetsTheOrderOfAPrinter(string $garment, string $plates, string $contacts, string $terms, string $right): void
    {
        $parsed = self::plates($plates, $contacts);
        $flashes = preg_match('/flashes (\d)/', $terms, $found) === 1 ? (int) $found[1] : null;
        $search = new OrderSearch($parsed, Lab::of(Srgb::fromHex($garment)), $flashes, new OrderTerms(str_contains($terms, 'tonal'), str_contains($terms, 'dries')));
        $best = $search->best();
        self::assertSame($right, implode(' ', array_map(static fn (int $i): string => $parsed[$i]->name.(\in_array($i, $best->flashAfter, true) ? '*' : ''), $best->order)));
    }

    public function testThereAreSixtyOfThem(): void
    {
        self::assertGreaterThanOrEqual(60, iterator_count(self::jobs()));
    }

    /** @return list<PlateInOrder> */
    private static function plates(string $plates, string $contacts): array
    {
        $read = array_map(static fn (string $one): array => explode(' ', trim($one)), explode(';', $plates));
        $names = array_column($read, 0);
        $touches = $overlaps = [];
        foreach ($contacts === '' ? [] : explode(';', $contacts) as $one) {
            preg_match('~^\s*(\w+)([-/])(\w+) ([\d.]+)$~', $one, $of) === 1 || throw new \LogicException($one.' is no contact.');
            [$a, $b] = [array_search($of[1], $names, true), array_search($of[3], $names, true)];
            if ($of[2] === '-') {
                $touches[$a][$b] = $touches[$b][$a] = (float) $of[4] / 100;
            } else {
                $overlaps[$a][$b] = $overlaps[$b][$a] = (float) $of[4] / 100;
            }
        }
        $roles = array_map(static fn (array $p): string => $p[4] ?? '', $read);
        foreach ($roles as $i => $role) {
            foreach ($role === 'base' ? $roles : [] as $j => $other) {
                if ($other !== 'base' && $other !== 'off') {
                    $overlaps[$i][$j] = $overlaps[$j][$i] = (float) $read[$j][2] / 100;
                }
            }
        }

        return array_map(static fn (array $p, int $i): PlateInOrder => new PlateInOrder(
            $p[0],
            match ($roles[$i]) {
                'base' => PlateRole::Base,
                'hl' => PlateRole::Highlight,
                default => PlateRole::Colour,
            },
            Lab::of(Srgb::fromHex('#'.$p[1])),
            (float) $p[2] / 100,
            $roles[$i] === 'clear' ? 0.2 : 0.9,
            (float) $p[3],
            raised: $roles[$i] === 'raised',
            touches: $touches[$i] ?? [],
            overlaps: $overlaps[$i] ?? [],
            transparent: $roles[$i] === 'clear',
        ), $read, array_keys($read));
    }
}
