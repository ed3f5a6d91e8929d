<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Learn\LinearBelief;
use Ektype\Core\Learn\NormalCurve;

/**
 * How far a stroke carries a stencil along its way, learned from strike-offs: a mean for the press, more with stiff ink, with
 * high off-contact, and with slack mesh. What is learned is used as set-back: how depends on the way of registering.
 *
 * @phpstan-type Dragged array{float, float}
 */
final readonly class Drag
{
    /** Usual drag of a pull at 2.5 mm off-contact and 22 N/cm, mm (heuristic: some hundredths to tenths). */
    private const USUAL = [0.08, 0.1];
    private const INK = [0.0, 0.08];
    private const OFF_CONTACT = [0.02, 0.02];
    private const SLACK = [0.005, 0.006];
    /** A push drags otherwise than a pull (heuristic). */
    private const PUSH = [0.0, 0.04];
    /** How well a screen is set by eye before its first strike-off, mm (heuristic); further off it was set wrongly, not dragged. */
    public const SETTING_MM = 0.2;
    public const MOST_MM = 0.6;
    private const USUAL_OFF_MM = 2.5;
    private const USUAL_TENSION = 22.0;
    public const READING_MM = 0.04;

    private LinearBelief $belief;

    /** @param list<DragSeen> $log of one press; direction tells the sign */
    public function __construct(array $log, private float $errorMm = self::READING_MM)
    {
        $priors = ['press' => self::USUAL, 'off-contact' => self::OFF_CONTACT, 'slack' => self::SLACK, 'push' => self::PUSH];
        foreach ($log as $seen) {
            $priors['ink '.$seen->ink] = self::INK;
            if ($seen->key !== null) {
                $priors['ink '.$seen->key->ink] = self::INK;
            }
        }
        $this->belief = new LinearBelief($priors);
        foreach ($log as $seen) {
            $terms = self::terms($seen, true);
            foreach ($seen->key === null ? [] : self::terms($seen->key, true) as $term => $times) {
                $terms[$term] = ($terms[$term] ?? 0.0) - $times;
            }
            $this->belief->observe(array_filter($terms, static fn (float $times): bool => $times !== 0.0), $seen->alongStrokeMm, $errorMm);
        }
    }

    /** @return Dragged mm along the stroke, and how sure that is nine times in ten */
    public function of(string $ink, float $offContactMm, float $tensionNPerCm, bool $pushed = false): array
    {
        $known = $this->belief->knows('ink '.$ink);
        $told = $this->belief->predict(self::terms(new DragSeen($ink, $offContactMm, $tensionNPerCm, 0.0, $pushed), $known));

        return [$told['mean'], NormalCurve::NINETY * hypot($told['sd'], $known ? 0.0 : self::INK[1])];
    }

    /**
     * How much more a screen drags than the key: what press and stroke give to both cancels, and so does its doubt.
     *
     * @param DragSeen $own how it is printed; what it was seen to drag does not count
     *
     * @return Dragged mm along the stroke, and how sure that is nine times in ten
     */
    public function against(DragSeen $own, DragSeen $key): array
    {
        $knows = fn (DragSeen $of): bool => $this->belief->knows('ink '.$of->ink);
        $terms = self::terms($own, $knows($own));
        foreach (self::terms($key, $knows($key)) as $term => $times) {
            $terms[$term] = ($terms[$term] ?? 0.0) - $times;
        }
        $told = $this->belief->predict($terms);
        $unknown = $own->ink === $key->ink ? 0 : (int) !$knows($own) + (int) !$knows($key);

        return [$told['mean'], NormalCurve::NINETY * hypot($told['sd'], self::INK[1] * sqrt($unknown))];
    }

    /**
     * How far to set a screen back, against the stroke.
     *
     * @param float      $own  its drag
     * @param float|null $keys the key’s, where screens are registered to films at rest: what all drag alike cancels
     */
    public static function setBack(float $own, ?float $keys): float
    {
        return $keys === null ? $own : $own - $keys;
    }

    /** @return array<string, float> */
    private static function terms(DragSeen $of, bool $known): array
    {
        return [
            'press' => 1.0,
            ...$known ? ['ink '.$of->ink => 1.0] : [],
            'off-contact' => $of->offContactMm - self::USUAL_OFF_MM,
            'slack' => self::USUAL_TENSION - $of->tensionNPerCm,
            ...$of->pushed ? ['push' => 1.0] : [],
        ];
    }
}
