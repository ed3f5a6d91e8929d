<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

/** What somebody, by name, said of a strike-off. The run begins when all of it is good. */
final readonly class Approval
{
    /** A print is of the right size within so much: films, mesh and cloth give a little (heuristic), mm and share. */
    private const SIZE_MM = 1.0;
    private const SIZE_SHARE = 0.005;
    /** Garments are loaded by hand to within this, mm (heuristic). */
    private const PLACE_MM = 6.0;

    public bool $approved;
    /** @var list<string> what to step back to, plain sentences */
    public array $says;

    /**
     * @param list<Judgement> $judgements one of each kind
     * @param string          $picture    of the print that was judged, by its name in the shop; empty where none was taken
     *
     * @throws UnusableApproval where nobody stands for it, or it judges nothing
     */
    public function __construct(public string $by, public string $day, public array $judgements, public string $picture = '')
    {
        if (trim($by) === '') {
            throw UnusableApproval::at('by', 'Somebody approves a strike-off by name: who is asked when the boxes are opened. Write yours.');
        }
        if ($judgements === []) {
            throw UnusableApproval::at('judgements', 'Nothing was judged. Look at colour, register, size, place, hand and opacity, and touch what holds.');
        }
        $says = [];
        $approved = true;
        foreach ($judgements as $one) {
            $off = self::off($one);
            if ($one->good && $off === '') {
                continue;
            }
            $approved = $approved && $off !== '' && $one->good;
            $says[] = ($off === '' ? ucfirst($one->what->value).' is off. ' : $off.' ').($one->good ? 'It was approved all the same.' : $one->what->again());
        }
        $this->approved = $approved;
        $this->says = $says;
    }

    /** What was measured against what was reckoned; empty where it holds or nobody measured. */
    private static function off(Judgement $one): string
    {
        if ($one->measuredMm === null || $one->reckonedMm === null) {
            return '';
        }
        $allowed = $one->what === Judged::Size ? max(self::SIZE_MM, self::SIZE_SHARE * $one->reckonedMm) : self::PLACE_MM;
        $off = $one->measuredMm - $one->reckonedMm;

        return abs($off) <= $allowed + 1e-9 ? '' : \sprintf('%s: %.1f mm measured, %.1f reckoned, %+.1f mm.', ucfirst($one->what->value), $one->measuredMm, $one->reckonedMm, $off);
    }
}
