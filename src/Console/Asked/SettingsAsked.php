<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Exposure\UnusableTest;

/** Lists of tests and settings, each refused by its place. */
final class SettingsAsked
{
    /**
     * @param list<TestAsked> $tests
     *
     * @return list<TestReading>
     *
     * @throws UnusableTest
     */
    public static function readings(array $tests, string $named): array
    {
        return self::each($tests, $named, static fn (TestAsked $test): TestReading => $test->reading());
    }

    /**
     * @param list<SettingAsked> $settings
     *
     * @return list<Setting>
     *
     * @throws UnusableTest
     */
    public static function settings(array $settings, string $named): array
    {
        return self::each($settings, $named, static fn (SettingAsked $setting): Setting => $setting->setting());
    }

    /**
     * @template A of object
     * @template B of object
     *
     * @param list<A>        $asked
     * @param \Closure(A): B $as
     *
     * @return list<B>
     */
    private static function each(array $asked, string $named, \Closure $as): array
    {
        $all = [];
        foreach ($asked as $i => $one) {
            try {
                $all[] = $as($one);
            } catch (UnusableTest $not) {
                throw $not->within(\sprintf('%s[%d]', $named, $i));
            }
        }

        return $all;
    }
}
