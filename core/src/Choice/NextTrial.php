<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Evidence\TrialSize;

/** The trial that would settle most about a pest: the best spray against the one that is most likely to be better. */
final readonly class NextTrial
{
    /** @param float $gap that the trial is sized for, in natural logarithms of what is left */
    private function __construct(public string $one, public string $other, public TrialSize $size, public float $gap) {}

    /**
     * @param array<string, array{float, RecordVerdict|null}> $known natural logarithm of what each is thought to leave, by name, and the
     *                                                             verdict on it; null for what was never tried
     */
    public static function among(array $known, Chance $chance): ?self
    {
        $candidates = [];
        foreach ($known as $name => [$log, $verdict]) {
            // What is dropped is settled.
            if ($verdict !== RecordVerdict::Drop) {
                $candidates[$name] = $log;
            }
        }
        asort($candidates);
        $names = array_keys($candidates);
        if (count($names) < 2) {
            return null;
        }

        return new self($names[0], $names[1], TrialSize::between($candidates[$names[0]], $candidates[$names[1]], $chance), TrialSize::gap($candidates[$names[0]], $candidates[$names[1]]));
    }
}
