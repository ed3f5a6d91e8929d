<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/** A day in the dark room: every step of every screen, and which screens come late. */
final readonly class Plan
{
    /** @var array<string, float> screen => minutes late; only those that are */
    public array $late;
    public float $lateness;
    public float $endsMin;

    /**
     * @param list<ScreenWork>  $order the screens as they were given a turn
     * @param list<PlannedStep> $steps
     */
    public function __construct(public array $order, public array $steps)
    {
        $done = [];
        foreach ($steps as $step) {
            $done[$step->screen] = max($done[$step->screen] ?? 0.0, $step->toMin);
        }
        $late = [];
        foreach ($order as $screen) {
            $over = ($done[$screen->name] ?? 0.0) - $screen->dueMin;
            if ($over > 1e-6) {
                $late[$screen->name] = $over;
            }
        }
        $this->late = $late;
        $this->lateness = array_sum($late);
        $this->endsMin = $done === [] ? 0.0 : max($done);
    }
}
