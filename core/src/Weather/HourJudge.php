<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Judges hours for one spray on one plant. */
final readonly class HourJudge
{
    /** @param list<HourCheck> $checks */
    public function __construct(private array $checks) {}

    public static function shipped(): self
    {
        return new self([new BloomCheck(), new LightCheck(), new WarmthCheck(), new FrostCheck(), new RainCheck(), new WindCheck(), new DryingCheck()]);
    }

    /** @return list<JudgedHour> one for every hour of the week */
    public function judge(Week $week, Spray $spray, Stand $stand): array
    {
        $judged = [];
        foreach ($week->hours as $index => $hour) {
            $judged[] = $this->hour($week, $index, $hour, $spray, $stand);
        }

        return $judged;
    }

    private function hour(Week $week, int $index, Hour $hour, Spray $spray, Stand $stand): JudgedHour
    {
        $reasons = [];
        $verdict = HourVerdict::Good;
        foreach ($this->checks as $check) {
            foreach ($check->reasons($week, $index, $spray, $stand) as $reason) {
                $reasons[] = $reason;
                $verdict = $verdict->worse($reason->verdict);
            }
        }
        if (count($reasons) > 1) {
            // The order of the checks stays among reasons of one weight.
            usort($reasons, static fn(HourReason $a, HourReason $b): int => $b->verdict->rank() <=> $a->verdict->rank());
        }

        return new JudgedHour($hour, $verdict, $reasons, $stand->indoors ? null : $hour->darkAt);
    }
}
