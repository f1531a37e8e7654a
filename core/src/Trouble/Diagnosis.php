<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Data\TroubleLines;

/** From signs to suspects, with reasons, and the looks that would tell them apart. */
final readonly class Diagnosis
{
    /** From this chance on, and this many times the next one, a trouble counts as likely: our own lines. */
    public const LIKELY_FROM = TroubleLines::LIKELY_FROM['value'];

    public const LEAD = TroubleLines::LEAD['value'];

    /** Below this chance a trouble is no suspect: our own line. */
    public const SUSPECT_FROM = TroubleLines::SUSPECT_FROM['value'];

    /** A look must be expected to tell this much, and its sign to be this much commoner with one suspect than with another: our own lines. */
    public const WORTH_BITS = TroubleLines::WORTH_BITS['value'];

    public const SPLIT = TroubleLines::SPLIT['value'];

    private Likelihood $likelihood;

    /** @var array<string, float> by trouble, likeliest first */
    private array $chances;

    /**
     * @param array<string, bool> $seen by sign: true seen, false looked for and not there
     *
     * @throws UnknownSign when a sign is not listed
     */
    public function __construct(private TroubleCatalogue $catalogue, private array $seen)
    {
        $this->likelihood = new Likelihood($catalogue->troubles, $catalogue->signs);
        $chances = $this->likelihood->given($seen);
        arsort($chances);
        $this->chances = $chances;
    }

    public function finding(): Finding
    {
        if (! in_array(true, $this->seen, true)) {
            return Finding::NothingSeen;
        }
        [$first, $second] = array_slice(array_values($this->chances), 0, 2);
        $care = 0.0;
        foreach ($this->chances as $slug => $chance) {
            $care += $this->catalogue->troubles[$slug]->kind === TroubleKind::Care ? $chance : 0.0;
        }

        return match (true) {
            $care >= self::LIKELY_FROM => Finding::ProbablyNoPest,
            $first >= self::LIKELY_FROM && $first >= self::LEAD * $second => Finding::Likely,
            default => Finding::CannotTell,
        };
    }

    /** @return list<Suspect> likeliest first; none while nothing was seen */
    public function suspects(): array
    {
        if ($this->finding() === Finding::NothingSeen) {
            return [];
        }
        $suspects = [];
        foreach ($this->chances as $slug => $chance) {
            if ($chance >= self::SUSPECT_FROM) {
                $suspects[] = $this->suspect($this->catalogue->troubles[$slug], $chance);
            }
        }

        return $suspects;
    }

    /**
     * The looks that are expected to tell most.
     *
     * @return list<ProposedLook> most telling first
     */
    public function looks(int $most = 2): array
    {
        if ($this->finding() === Finding::NothingSeen) {
            return [];
        }
        $looks = [];
        foreach ($this->catalogue->looks as $look) {
            if (isset($this->seen[$look->sign->slug])) {
                continue;
            }
            $bits = $this->likelihood->expectedBits($look->sign, $this->seen);
            [$yes, $no] = $this->split($look->sign);
            if ($bits >= self::WORTH_BITS && $yes !== [] && $no !== []) {
                $looks[] = new ProposedLook($look, $bits, $yes, $no);
            }
        }
        usort($looks, static fn(ProposedLook $a, ProposedLook $b): int => $b->bits <=> $a->bits);

        return array_slice($looks, 0, $most);
    }

    private function suspect(Trouble $trouble, float $chance): Suspect
    {
        $for = $against = $missing = [];
        foreach ($this->seen as $name => $there) {
            $sign = $this->catalogue->sign($name);
            $share = $trouble->shareOf($sign);
            match (true) {
                $there && $share > 2.0 * $sign->usual => $for[] = $sign,
                $there && $share <= $sign->usual => $against[] = $sign,
                ! $there && $share >= TroubleLines::EXPECTED_FROM['value'] => $missing[] = $sign,
                default => null,
            };
        }

        return new Suspect($trouble, $chance, $for, $against, $missing);
    }

    /** @return array{list<Trouble>, list<Trouble>} suspects that show the sign clearly more often than others, and the others */
    private function split(Sign $sign): array
    {
        $shares = [];
        foreach ($this->suspects() as $suspect) {
            $shares[$suspect->trouble->slug] = $suspect->trouble->shareOf($sign);
        }
        if ($shares === [] || max($shares) - min($shares) < self::SPLIT) {
            return [[], []];
        }
        $middle = (max($shares) + min($shares)) / 2.0;
        $of = fn(bool $high): array => array_map(
            fn(string $slug): Trouble => $this->catalogue->troubles[$slug],
            array_keys(array_filter($shares, static fn(float $share): bool => ($share > $middle) === $high)),
        );

        return [$of(true), $of(false)];
    }
}
