<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Weather\Exposure;
use IdleMixer\Core\Weather\HourFinding;
use IdleMixer\Core\Weather\HourReason;
use IdleMixer\Core\Weather\HourVerdict;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says why an hour is not good, and what a window is. */
final readonly class HourWords
{
    /**
     * @param array<string, string> $words
     * @param array<string, string> $names
     */
    private function __construct(private array $words, private array $names, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('hours');
        /** @var array<string, string> $names */
        $names = Say::words('hour-names');

        return new self($words, $names, SourceCatalogue::shipped());
    }

    /**
     * @return string a sentence, with the figure, its limit, and where the limit comes from
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function reason(HourReason $reason): string
    {
        $fill = [];
        foreach ($reason->args as $name => $value) {
            $fill["{{$name}}"] = self::said($name, $value, $reason->finding);
        }
        $what = $reason->args['what'] ?? null;
        if (is_string($what)) {
            $fill['{what}'] = $this->names[$what] ?? throw MissingWords::becauseOf($what);
        }

        return Say::it('wording/hour-words.limit', ['fill' => strtr(Written::marked($this->template($reason), $reason->args), $fill), 'standing' => $this->sources->get($reason->source)->standing->words()]);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function window(Window $window, DateTimeZone $zone): string
    {
        $from = (new DateTimeImmutable("@{$window->from}"))->setTimezone($zone);
        $to = (new DateTimeImmutable("@{$window->to}"))->setTimezone($zone);
        $why = $window->reason === null ? $this->words['good'] : $this->reason($window->reason);

        $dark = $window->darkAt === null ? '' : ' ' . strtr($this->words['dark-from'], ['{at}' => Written::hour((new DateTimeImmutable("@{$window->darkAt}"))->setTimezone($zone))]);

        return Say::it('wording/hour-words.to', ['from' => Written::weekdayAndHour($from), 'to' => Written::hour($to), 'verdict' => $window->verdict->value, 'why' => $why, 'dark' => $dark]);
    }

    public function nothing(): string
    {
        return $this->words['good'];
    }

    private function template(HourReason $reason): string
    {
        $weight = match ($reason->args['borne'] ?? '') {
            'yes' => 'borne',
            'late' => 'late',
            default => $reason->verdict === HourVerdict::No ? 'no' : 'workable',
        };

        return $this->words["{$reason->finding->value}/{$weight}"] ?? $this->words[$reason->finding->value] ?? throw MissingWords::becauseOf($reason->finding->value);
    }

    private static function said(string $name, float|string $value, HourFinding $finding): string
    {
        if (is_string($value)) {
            return $name === 'exposure' ? Exposure::from($value)->words() : $value;
        }
        $isHours = $name === 'hours' || ($name === 'limit' && in_array($finding, [HourFinding::Frost, HourFinding::FrostUnknown, HourFinding::Wet, HourFinding::RainSoon], true));

        return match (true) {
            $isHours => Durations::words($value),
            default => Figures::short(round($value)),
        };
    }
}
