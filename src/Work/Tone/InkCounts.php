<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\Films\JobPrint;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Simulated\SimulatedMethod;
use Ektype\Core\Method\Simulated\SimulatedPlan;
use Ektype\Core\Mix\ChosenInks;
use Ektype\Core\Mix\ColourShare;
use Ektype\Core\Mix\HullPicture;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkChoice;
use Ektype\Core\Mix\InkGamut;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixInks;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Mix\MixRequest;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Mix\OrderSearch;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Mix\TriedOrder;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\TonalPlan;

/** The best inks of the shelf for a job’s art, for each number of screens; what was reckoned once is kept. */
final readonly class InkCounts
{
    private const MOST = 8;
    /** A picture for each count is so large, pixels. */
    private const SIDE = 300;

    /** Of what is kept: another shape is reckoned anew. */
    private const SHAPE = 2;

    public function __construct(private SmallArt $art, private JobPrint $print, private DrawnOnce $drawn)
    {
    }

    /**
     * @return array{list<ChosenInks>, list<int>, MixInks} for each count, by their places among these numbers; and base and highlight
     *
     * @throws ImpossibleMix where there is nothing to choose from
     */
    public function of(Job $job, TonalPlan&MixPlan $plan): array
    {
        $print = $this->print->of($job);
        [$base, $highlight, $others] = self::shelf($print, $plan->inks());
        $numbers = array_keys($others);
        $counts = unserialize($this->drawn->of($this->kept($job, $print, $plan), fn (): string => serialize($this->choice($job, $print, $plan->inks(), $others, $base)->upTo(max(\count(array_intersect($numbers, $plan->inks()->locked)), min(self::MOST, max(1, \count($others))))))), ['allowed_classes' => [ChosenInks::class, ColourShare::class, Srgb::class]]);
        if (!\is_array($counts)) {
            throw new \UnexpectedValueException('The kept choice of inks is damaged. Bring the art again.');
        }

        return [array_values(array_filter($counts, static fn (mixed $one): bool => $one instanceof ChosenInks)), $numbers, new MixInks($base, [], $highlight)];
    }

    /**
     * How near some inks come.
     *
     * @param list<int> $inks numbers of the shelf
     *
     * @throws ImpossibleMix where none of them is there
     */
    public function tried(Job $job, TonalPlan&MixPlan $plan, array $inks, ?Srgb $garment): ChosenInks
    {
        $print = $this->on($this->print->of($job), $garment);
        [$base, , $others] = self::shelf($print, $plan->inks());
        $places = array_keys(array_intersect(array_keys($others), $inks));

        return $places === [] ? throw ImpossibleMix::at('inks', 'None of these inks is on the shelf any more. Choose others.') : $this->choice($job, $print, $plan->inks(), $others, $base)->seen($places);
    }

    /**
     * The nearest that some inks come to the picture.
     *
     * @param list<int> $inks   numbers of the shelf
     * @param bool      $marked whether muddy places are hatched
     *
     * @return string PNG
     */
    public function picture(Job $job, TonalPlan&MixPlan $plan, array $inks, ?Srgb $garment = null, bool $marked = false): string
    {
        $print = $this->on($this->print->of($job), $garment);
        [$base, , $others] = self::shelf($print, $plan->inks());
        $small = SmallArt::sized($this->art->of($job), self::SIDE);

        return SmallArt::png(HullPicture::of(
            ArtTones::of($small, $small->width, $small->height, $print->widthMm, $plan->work()),
            new InkGamut($print->garment, array_values(array_intersect_key($others, array_flip($inks))), $base),
            $print->garment,
            $marked ? ChosenInks::MUDDY : null,
        ));
    }

    /**
     * Orders of printing by what the print looks like.
     *
     * @return list<TriedOrder>
     */
    public function orders(Job $job, SimulatedPlan $plan): array
    {
        $print = $this->print->of($job);
        $inks = MixInks::of($print->shelf, $print->garment, fn (): PictureColours => PictureColours::of($this->art->of($job)), $plan->inks);

        return OrderSearch::of(
            $inks->colours,
            PictureColours::of($this->art->of($job)),
            static fn (OrderSchool $order, array $colours): MixRequest => SimulatedMethod::request(
                new SimulatedPlan($plan->work, $plan->dots, $plan->inks, $order, $plan->laying),
                new MixInks($inks->base, $colours, $inks->highlight),
                $print,
            )->mix(),
            $inks->highlight !== null,
        );
    }

    /** @param array<int, GivenInk> $others */
    private function choice(Job $job, PrintWanted $print, InkWish $wish, array $others, ?GivenInk $base): InkChoice
    {
        $numbers = array_keys($others);

        return new InkChoice(
            PictureColours::of($this->art->of($job)),
            $print->garment,
            array_values($others),
            array_keys(array_intersect($numbers, $wish->locked)),
            array_keys(array_intersect($numbers, $wish->forbidden)),
            $base,
        );
    }

    /** @return array{GivenInk|null, GivenInk|null, array<int, GivenInk>} */
    private static function shelf(PrintWanted $print, InkWish $wish): array
    {
        return MixInks::whites(array_filter($print->shelf, static fn (GivenInk $ink): bool => !$ink->transparent), $print->garment, $wish);
    }

    private function on(PrintWanted $print, ?Srgb $garment): PrintWanted
    {
        return $garment === null ? $print : $print->on($garment);
    }

    private function kept(Job $job, PrintWanted $print, MixPlan $plan): string
    {
        $shelf = array_map(static fn (GivenInk $ink): array => [$ink->colour->hex(), $ink->hiding, $ink->transparent], $print->shelf);
        $wish = $plan->inks();

        return \sprintf('jobs/%d/inks-%s', $job->idOrFail(), substr(hash('sha256', serialize([self::SHAPE, $job->art->path, $job->framing(), $print->garment->hex(), $shelf, $wish->locked, $wish->forbidden, $wish->base])), 0, 16));
    }
}
