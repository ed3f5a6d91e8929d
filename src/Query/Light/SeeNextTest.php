<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\LightBook;
use Ektype\App\Query\Reckoning\PlateOnMesh;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\StepTest\NextTest;

/** Which single step test would teach most of the screens that wait. */
final readonly class SeeNextTest
{
    /** Of the jobs that wait so many count, the nearest due first: enough for weeks of work. */
    private const JOBS = 12;
    private const OFFERED = 3;

    public function __construct(private Moment $moment)
    {
    }

    /** @return list<TestOffer> the best first; none where no screen waits */
    public function offers(): array
    {
        return $this->moment->see($this->look(...));
    }

    /** @return list<TestOffer> */
    private function look(Snapshot $shop): array
    {
        $wanted = $could = $tools = [];
        $free = array_values(array_filter($shop->frames(), static fn (Frame $f): bool => $shop->on($f)?->isBurned() !== true));
        $jobs = array_filter($shop->shelves->jobs->dueFirst(0, self::JOBS), static fn (Job $job): bool => $job->separationPath !== null && $job->lamp !== null && $job->emulsion !== null);
        foreach ($jobs as $job) {
            $book = new ScreenBook($job, $shop);
            $screens = [];
            foreach ($book->plates as $i => $plate) {
                if ($shop->burnedSeconds($plate) === null) {
                    $screens[] = new PlateOnMesh($plate, $book->mesh($i));
                }
            }
            $settings = $shop->lightBook()->settings($job, $screens) ?? [];
            foreach ($settings as $k => $setting) {
                $key = self::key($setting);
                $wanted[] = $setting;
                $could[$key] = $setting;
                $tools[$key] = [$job->lamp, $job->emulsion, $screens[$k]->mesh];
            }
            foreach ($settings === [] ? [] : self::meshes($free) as $mesh) {
                [$lamp, $emulsion] = [$job->lamp, $job->emulsion];
                if ($lamp !== null && $emulsion !== null) {
                    $setting = LightBook::setting($lamp, $emulsion, $mesh->thicknessUm + $shop->stencilBook()->recipeEomUm($mesh, $emulsion), $mesh->dyed, $job->filmUnderLight());
                    $could[self::key($setting)] ??= $setting;
                    $tools[self::key($setting)] ??= [$lamp, $emulsion, $mesh];
                }
            }
        }
        if ($wanted === []) {
            return [];
        }
        $ranked = NextTest::ranked($shop->lightBook()->model([...array_values($could), ...$wanted]), array_values($could), $wanted);
        $offers = [];
        foreach (\array_slice($ranked, 0, self::OFFERED) as $next) {
            [$lamp, $emulsion, $mesh] = $tools[self::key($next->setting)];
            if ($lamp === null || $emulsion === null) {
                continue;
            }
            $frames = array_values(array_filter($free, static fn (Frame $f): bool => $f->carries($mesh)));
            $offers[] = new TestOffer(
                of: new TestedSetting(
                    lampId: $lamp->idOrFail(),
                    lamp: $lamp->name,
                    emulsionId: $emulsion->idOrFail(),
                    emulsion: $emulsion->name,
                    thicknessUm: $next->setting->thicknessUm,
                    dyed: $mesh->dyed,
                    mesh: $mesh->name,
                    frame: $frames[0]->label ?? '',
                ),
                nowPct: 100 * (exp(1.645 * $next->before) - 1),
                thenPct: 100 * (exp(1.645 * $next->after) - 1),
                screens: \count($wanted),
                plan: $next->plan,
                says: $next->says(),
            );
        }

        return $offers;
    }

    private static function key(Setting $s): string
    {
        return serialize([$s->lamp, $s->emulsion, round($s->thicknessUm, 1), $s->dyed, $s->film]);
    }

    /**
     * @param list<Frame> $frames
     *
     * @return list<Mesh> one of each
     */
    private static function meshes(array $frames): array
    {
        $meshes = [];
        foreach ($frames as $frame) {
            $mesh = $frame->mesh();
            $meshes[$mesh->name.$mesh->dyed] ??= $mesh;
        }

        return array_values($meshes);
    }
}
