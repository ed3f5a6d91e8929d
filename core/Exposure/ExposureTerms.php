<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

use Ektype\Core\Learn\LinearBelief;

/**
 * What a time of light is made of, for one set of settings:
 * ln T = lamp + emulsion + lamp-by-emulsion + b l + q l² + dye + film + ageing × lamp hours / 1000, with l = ln(thickness / 100 µm)
 * and, for point-like lamps, + 2 ln(distance / the lamp’s usual distance). A stencil that absorbs needs more than in
 * proportion to its thickness: hence the bend q. The sum is not the whole truth: each emulsion has a slope of its own beside b, and
 * at each thickness something that the sum does not say, or intervals would grow too narrow after many tests. Priors are trade
 * defaults (heuristic).
 *
 * @phpstan-import-type MeanSd from LinearBelief
 */
final class ExposureTerms
{
    private const LAMP_SD = 0.9;
    private const EMULSION_SD = 0.5;
    /** Of a factor that the data sheet gives (heuristic): other lamps, other light. */
    private const SHEET_FACTOR_SD = 0.35;
    private const UNKNOWN_LAMP = [60.0, 1.2];
    private const UNKNOWN_EMULSION = [0.5, 0.6];
    private const UNKNOWN_AGEING = [0.3, 0.2];
    private const LAMP_BY_EMULSION = [0.0, 0.2];
    private const SLOPE = [1.2, 0.4];
    private const BEND = [0.3, 0.3];
    private const OWN_SLOPE = [0.0, 0.1];
    private const LACK = [0.0, 0.02];
    /** Thicknesses this near to each other, ln, lack the same. */
    private const ALIKE_LN = 0.15;
    private const DYE_FACTOR = 1.3;
    private const DYE_SD = 0.25;
    private const FILM = [0.0, 0.35];
    private const FROM_UM = 100.0;

    public const SLOPE_NAME = 'thickness';
    public const BEND_NAME = 'thickness, its bend';
    public const DYE_NAME = 'yellow mesh';

    /** @var array<string, float> */
    private array $usualDistance = [];
    /** @var array<string, LampKind> */
    private array $lampKinds = [];
    /** @var array<string, EmulsionKind> */
    private array $emulsionKinds = [];
    /** @var array<string, float> */
    private array $emulsionFactors = [];
    /** @var array<string, string> names of lamps, emulsions and films as they were spelled first */
    private array $names = [];
    /** @var array<string, TermKind> by name of term */
    private array $kinds = [];
    /** @var array<string, string> by name of term: what of */
    private array $subjects = [];

    /** @param list<Setting> $settings all that will be asked about, tests first */
    public function __construct(array $settings)
    {
        foreach ($settings as $setting) {
            $setting = $this->spelled($setting);
            if ($setting->lampKind !== null) {
                $this->lampKinds[$setting->lamp] ??= $setting->lampKind;
            }
            if ($setting->emulsionKind !== null) {
                $this->emulsionKinds[$setting->emulsion] ??= $setting->emulsionKind;
            }
            if ($setting->emulsionFactor !== null && $setting->emulsionFactor > 0) {
                $this->emulsionFactors[$setting->emulsion] ??= $setting->emulsionFactor;
            }
            if ($setting->distanceMm !== null) {
                $this->usualDistance[$setting->lamp] ??= $setting->distanceMm;
            }
        }
    }

    /** A name is one whatever its case and the spaces round it: it is called as it was spelled first. */
    public function spelled(Setting $s): Setting
    {
        $name = fn (string $kind, string $name): string => $this->names[$kind.mb_strtolower(trim($name))] ??= trim($name);
        [$lamp, $emulsion, $film] = [$name('lamp ', $s->lamp), $name('emulsion ', $s->emulsion), $name('film ', $s->film)];

        return $lamp === $s->lamp && $emulsion === $s->emulsion && $film === $s->film ? $s : new Setting(
            $lamp,
            $s->lampKind,
            $emulsion,
            $s->emulsionKind,
            $s->thicknessUm,
            $s->dyed,
            film: $film,
            distanceMm: $s->distanceMm,
            lampHours: $s->lampHours,
            emulsionFactor: $s->emulsionFactor,
            startLossS: $s->startLossS,
        );
    }

    /** @return array<string, float> name of term => factor */
    public function of(Setting $s): array
    {
        $s = $this->spelled($s);
        $l = log($s->thicknessUm / self::FROM_UM);
        $terms = [
            $this->named(TermKind::Lamp, $s->lamp, 'lamp '.$s->lamp) => 1.0,
            $this->named(TermKind::Emulsion, $s->emulsion, 'emulsion '.$s->emulsion) => 1.0,
            $this->named(TermKind::Pair, $s->emulsion, 'lamp '.$s->lamp.' with emulsion '.$s->emulsion) => 1.0,
            $this->named(TermKind::Thickness, '', self::SLOPE_NAME) => $l,
            $this->named(TermKind::Bend, '', self::BEND_NAME) => $l * $l,
            $this->named(TermKind::OwnSlope, $s->emulsion, 'thickness of emulsion '.$s->emulsion) => $l,
            $this->named(TermKind::Lack, $s->emulsion, \sprintf('emulsion %s at about %.0f µm', $s->emulsion, self::FROM_UM * exp(self::ALIKE_LN * round($l / self::ALIKE_LN)))) => 1.0,
        ];
        if ($s->dyed) {
            $terms[$this->named(TermKind::Dye, '', self::DYE_NAME)] = 1.0;
        }
        if ($s->isWithoutFilm()) {
            $terms[$this->named(TermKind::Film, $s->film, 'imaged straight, without a film')] = 1.0;
        } elseif ($s->film !== '' && $s->film !== 'reference') {
            $terms[$this->named(TermKind::Film, $s->film, 'film '.$s->film)] = 1.0;
        }
        if ($s->lampHours > 0 && $this->ageing($s->lamp) !== null) {
            $terms[$this->named(TermKind::Ageing, $s->lamp, 'ageing '.$s->lamp)] = $s->lampHours / 1000;
        }

        return $terms;
    }

    /** What the distance adds to ln T; nothing for lamps whose light does not thin. */
    public function distance(Setting $s): float
    {
        $s = $this->spelled($s);
        $kind = $this->lampKinds[$s->lamp] ?? null;
        if ($s->distanceMm === null || $kind?->isPointLike() === false) {
            return 0.0;
        }

        return 2 * log($s->distanceMm / ($this->usualDistance[$s->lamp] ?? $s->distanceMm));
    }

    /**
     * @param string $term as {@see of} named it
     *
     * @return MeanSd mean and standard deviation of ln
     */
    public function prior(string $term): array
    {
        $subject = $this->subjects[$term];

        return match ($this->kinds[$term]) {
            TermKind::Lamp => isset($this->lampKinds[$subject])
                ? [log($this->lampKinds[$subject]->usualSeconds()), self::LAMP_SD]
                : [log(self::UNKNOWN_LAMP[0]), self::UNKNOWN_LAMP[1]],
            TermKind::Emulsion => match (true) {
                isset($this->emulsionFactors[$subject]) => [log($this->emulsionFactors[$subject]), self::SHEET_FACTOR_SD],
                isset($this->emulsionKinds[$subject]) => [$this->emulsionKinds[$subject]->usualLn(), self::EMULSION_SD],
                default => self::UNKNOWN_EMULSION,
            },
            TermKind::Pair => self::LAMP_BY_EMULSION,
            TermKind::Thickness => self::SLOPE,
            TermKind::Bend => self::BEND,
            TermKind::OwnSlope => self::OWN_SLOPE,
            TermKind::Lack => self::LACK,
            TermKind::Dye => [log(self::DYE_FACTOR), self::DYE_SD],
            TermKind::Film => self::FILM,
            TermKind::Ageing => $this->ageing($subject) ?? self::UNKNOWN_AGEING,
        };
    }

    public function kind(string $term): TermKind
    {
        return $this->kinds[$term];
    }

    /** @return MeanSd|null */
    private function ageing(string $lamp): ?array
    {
        return isset($this->lampKinds[$lamp]) ? $this->lampKinds[$lamp]->usualAgeing() : self::UNKNOWN_AGEING;
    }

    private function named(TermKind $kind, string $subject, string $name): string
    {
        $this->kinds[$name] = $kind;
        $this->subjects[$name] = $subject;

        return $name;
    }
}
