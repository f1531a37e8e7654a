<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Mix\Strengths;

/** Oils add up: each as a share of its own limit, the shares summed. */
final readonly class OilSum implements Bound
{
    /** @param list<Ceiling> $oils */
    public function __construct(private array $oils, private string $onto) {}

    public function times(Strengths $strengths): float
    {
        return array_sum(array_map(static fn(Ceiling $oil): float => $oil->times($strengths), $this->oils));
    }

    public function level(Strengths $strengths): Level
    {
        $ofStop = array_sum(array_map(static fn(Ceiling $oil): float => $strengths->percent($oil->what) / ($oil->stop->value ?? \INF), $this->oils));

        return match (true) {
            $this->times($strengths) <= 1.0 + Ceiling::ROUNDING => Level::Ok,
            $ofStop <= 1.0 + Ceiling::ROUNDING => Level::Caution,
            default => Level::Stop,
        };
    }

    /** Only where together they are worse than the worst of them alone. */
    public function verdict(Strengths $strengths): ?Verdict
    {
        $level = $this->level($strengths);
        foreach ($this->oils as $oil) {
            if (! $level->isWorseThan($oil->level($strengths))) {
                return null;
            }
        }

        return Verdict::of($level === Level::Stop ? Finding::OilsTogetherStop : Finding::OilsTogetherCaution, ['times' => 100.0 * $this->times($strengths), 'onto' => $this->onto]);
    }
}
