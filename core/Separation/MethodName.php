<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/**
 * A way in which art becomes plates. Each is a folder of core/Method with a plan of its own, and found by it; of each there is one
 * value, so that two are the same where they are identical.
 */
final readonly class MethodName implements \JsonSerializable
{
    /** Any of them, for an address. */
    public const PATTERN = '[a-z][a-z -]*';

    /** @param class-string<Plan> $plan */
    private function __construct(public string $value, public string $plan, private Separates $is, private SaysOfItself $says)
    {
    }

    /** @return non-empty-list<self> in their order */
    public static function cases(): array
    {
        return array_values(self::known());
    }

    public static function tryFrom(string $name): ?self
    {
        return self::known()[$name] ?? null;
    }

    /** @throws \ValueError where there is none of that name */
    public static function from(string $name): self
    {
        return self::tryFrom($name) ?? throw new \ValueError(\sprintf('There is no method “%s”.', $name));
    }

    /** @param class-string<Plan> $plan */
    public static function of(string $plan): self
    {
        foreach (self::known() as $method) {
            if ($method->plan === $plan) {
                return $method;
            }
        }
        throw new \LogicException($plan.' is no plan of a method.');
    }

    /** Flat colours, one plate an ink: what a job is until its art was looked at. */
    public static function usual(): self
    {
        return self::cases()[0];
    }

    /** As a printer says it. */
    public function title(): string
    {
        return $this->is->title;
    }

    /** What it makes of the art, in a sentence. */
    public function why(bool $tonalArt, int $plates): string
    {
        $says = $tonalArt === $this->is->tonal || $this->says->whyNot === '' ? $this->says->why : $this->says->whyNot;
        $many = \sprintf($says, $plates);

        return $plates === 1 ? (string) preg_replace('/^1 (plate|screen|layer|transparent layer)s/', '1 $1', $many) : $many;
    }

    /** How it is printed; empty where its fields say it. */
    public function note(): string
    {
        return $this->says->note;
    }

    /** Whether a field of its plan is used, by its path. */
    public function uses(string $path): bool
    {
        return !\in_array($path, $this->is->without, true);
    }

    /** What one of its plates carries. */
    public function carries(): string
    {
        return $this->says->carries;
    }

    /** What could go wrong; empty for nothing. */
    public function beware(): string
    {
        return $this->says->beware;
    }

    /** Whether it is for pictures in tones. */
    public function isTonal(): bool
    {
        return $this->is->tonal;
    }

    /** Whether halftone dots carry its tones. */
    public function hasDots(): bool
    {
        return $this->is->dots;
    }

    /** How its plates make up a colour. */
    public function laid(): PlatesLaid
    {
        return $this->is->laid;
    }

    /** Whether it is for such art on such a garment. */
    public function fits(bool $tonalArt, bool $lightGarment): bool
    {
        return $this->is->tonal === $tonalArt && $this->suitsCloth($lightGarment);
    }

    /** Whether it is advised on such a garment: transparent inks want white or pale cloth. */
    public function suitsCloth(bool $lightGarment): bool
    {
        return $lightGarment || !$this->is->onLight;
    }

    /** Whether its plates know their order themselves; else lightness decides. */
    public function isOrdered(): bool
    {
        return $this->is->ordered;
    }

    /** Why a plate of colour prints at its place; empty where its own place says so. */
    public function order(): string
    {
        return $this->says->order;
    }

    /** Whether each plate dries before the next. */
    public function driesBetween(): bool
    {
        return $this->is->dries;
    }

    public function jsonSerialize(): string
    {
        return $this->value;
    }

    /** @return non-empty-array<string, self> */
    private static function known(): array
    {
        static $known = [];
        /** @var array<string, self> $known */
        if ($known === []) {
            $places = [];
            foreach ((array) glob(__DIR__.'/../Method/*/*Plan.php') as $file) {
                $plan = 'Ektype\\Core\\Method\\'.basename(\dirname((string) $file)).'\\'.basename((string) $file, '.php');
                $of = is_subclass_of($plan, Plan::class) ? new \ReflectionClass($plan) : null;
                $is = ($of?->getAttributes(Separates::class)[0] ?? null)?->newInstance();
                $says = ($of?->getAttributes(SaysOfItself::class)[0] ?? null)?->newInstance();
                if ($of !== null && $is !== null && $says !== null) {
                    $places[$is->name] = $is->place;
                    $known[$is->name] = new self($is->name, $of->getName(), $is, $says);
                }
            }
            array_multisort($places, $known);
        }

        return $known === [] ? throw new \LogicException('There is no method.') : $known;
    }
}
