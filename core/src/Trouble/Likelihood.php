<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/**
 * How likely each trouble is, given signs that were seen or looked for in vain: Bayes' rule with the signs taken as
 * independent of each other. What nobody looked for says nothing.
 */
final readonly class Likelihood
{
    /**
     * @param non-empty-array<string, Cause> $causes
     * @param array<string, Sign>              $signs
     */
    public function __construct(private array $causes, private array $signs) {}

    /**
     * @param array<string, bool> $seen by sign: true seen, false looked for and not there
     *
     * @return array<string, float> by cause; they add up to 1
     *
     * @throws UnknownSign when a sign is not listed
     */
    public function given(array $seen): array
    {
        $weights = [];
        foreach ($this->causes as $slug => $cause) {
            $weights[$slug] = log($cause->weight());
            foreach ($seen as $name => $there) {
                $share = $cause->shareOf($this->signs[$name] ?? throw UnknownSign::becauseNotListed($name, array_keys($this->signs)));
                $weights[$slug] += log($there ? $share : 1.0 - $share);
            }
        }
        $top = max($weights);
        $odds = array_map(static fn(float $weight): float => exp($weight - $top), $weights);
        $sum = array_sum($odds);

        return array_map(static fn(float $odd): float => $odd / $sum, $odds);
    }

    /**
     * Shannon entropy.
     *
     * @param array<string, float> $chances adding up to 1
     *
     * @return float bits
     */
    public static function entropy(array $chances): float
    {
        $bits = 0.0;
        foreach ($chances as $chance) {
            $bits -= $chance > 0.0 ? $chance * log($chance, 2) : 0.0;
        }

        return $bits;
    }

    /**
     * What looking for a sign is expected to tell.
     *
     * @param array<string, bool> $seen as for `given`
     *
     * @return float bits, 0 or more
     *
     * @throws UnknownSign when a sign is not listed
     */
    public function expectedBits(Sign $sign, array $seen): float
    {
        $now = $this->given($seen);
        $yes = 0.0;
        foreach ($now as $slug => $chance) {
            $yes += $chance * $this->causes[$slug]->shareOf($sign);
        }
        $after = $yes * self::entropy($this->given([...$seen, $sign->slug => true]))
            + (1.0 - $yes) * self::entropy($this->given([...$seen, $sign->slug => false]));

        return max(0.0, self::entropy($now) - $after);
    }
}
