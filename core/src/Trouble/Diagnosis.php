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

    /** Rounds are asked about so many days back: a burn shows within three, and nobody looks every day. */
    public const ASK_DAYS = TroubleLines::ASK_ROUNDS['value'];

    private Likelihood $likelihood;

    /** @var non-empty-array<string, Cause> */
    private array $causes;

    /** @var array<string, float> by cause, likeliest first */
    private array $chances;

    private bool $fits;

    /**
     * @param array<string, bool> $seen by sign: true seen, false looked for and not there
     * @param Here|null           $here what is known of plant and place; null where nothing is
     *
     * @throws UnknownSign when a sign is not listed
     */
    public function __construct(private TroubleCatalogue $catalogue, private array $seen, private ?Here $here = null)
    {
        $causes = new Causes($catalogue, $seen, $here);
        $this->causes = $causes->weighed();
        $this->likelihood = new Likelihood($this->causes, $catalogue->signs);
        $chances = $this->likelihood->given($seen);
        arsort($chances);
        $this->chances = $chances;
        $this->fits = $this->anyFits();
    }

    public function finding(): Finding
    {
        if (! in_array(true, $this->seen, true)) {
            return $this->seen === [] ? Finding::NothingSeen : Finding::FoundNothing;
        }
        if (! $this->fits) {
            return Finding::NoneFits;
        }
        [$first, $second] = array_slice(array_values($this->chances), 0, 2);
        $care = 0.0;
        foreach ($this->chances as $slug => $chance) {
            $care += array_filter($this->causes[$slug]->troubles(), static fn(Trouble $trouble): bool => $trouble->kind !== TroubleKind::Care) === [] ? $chance : 0.0;
        }

        return match (true) {
            $care >= self::LIKELY_FROM => Finding::ProbablyNoPest,
            $first >= self::LIKELY_FROM && $first >= self::LEAD * $second => Finding::Likely,
            default => Finding::CannotTell,
        };
    }

    /** @return list<Suspect> likeliest first; none while nothing was seen, or when nothing fits */
    public function suspects(): array
    {
        if (! in_array(true, $this->seen, true) || ! $this->fits) {
            return [];
        }
        $suspects = [];
        foreach ($this->chances as $slug => $chance) {
            if ($chance >= self::SUSPECT_FROM) {
                $suspects[] = $this->suspect($this->causes[$slug], $chance);
            }
        }

        return $suspects;
    }

    /**
     * Each trouble by itself, with its own chance in whatever company, and the signs that it explains best of those that are there most likely.
     *
     * @return list<Suspect> likeliest first
     */
    public function each(): array
    {
        $chances = [];
        foreach ($this->suspects() === [] ? [] : $this->chances as $key => $chance) {
            foreach ($this->causes[$key]->troubles() as $trouble) {
                $chances[$trouble->slug] = ($chances[$trouble->slug] ?? 0.0) + $chance;
            }
        }
        arsort($chances);
        $company = $this->suspects()[0]->troubles ?? [];
        $each = [];
        foreach (array_filter($chances, static fn(float $chance): bool => $chance >= self::SUSPECT_FROM) as $slug => $chance) {
            $trouble = $this->catalogue->trouble($slug);
            $whole = $this->suspect($trouble, $chance);
            $others = array_filter($company, static fn(Trouble $other): bool => $other->slug !== $slug);
            $own = array_values(array_filter($whole->for, static fn(Sign $sign): bool => array_filter($others, static fn(Trouble $other): bool => $other->shareOf($sign) > $trouble->shareOf($sign)) === []));
            $each[] = new Suspect([$trouble], $trouble->name, $chance, count($others) < count($company) ? $own : $whole->for, [], $whole->missing, $whole->moved);
        }

        return $each;
    }

    /**
     * The looks that are expected to tell most.
     *
     * @return list<ProposedLook> most telling first
     */
    public function looks(int $most = 2): array
    {
        if (! in_array(true, $this->seen, true)) {
            return [];
        }
        $looks = [];
        $most = $this->fits ? $most : TroubleLines::LOOKS_WHEN_NONE['value'];
        foreach ($this->catalogue->looks as $look) {
            if (isset($this->seen[$look->sign->slug])) {
                continue;
            }
            $bits = $this->likelihood->expectedBits($look->sign, $this->seen);
            [$yes, $no] = $this->split($look->sign);
            if (! $this->fits || ($bits >= self::WORTH_BITS && $yes !== [] && $no !== [])) {
                $looks[] = new ProposedLook($look, $bits, $yes, $no);
            }
        }
        usort($looks, static fn(ProposedLook $a, ProposedLook $b): int => $b->bits <=> $a->bits);

        return array_slice($looks, 0, $most);
    }

    /** Whether a single sign speaks for something, by more than what was looked for in vain speaks against it. */
    private function anyFits(): bool
    {
        $seen = array_map($this->catalogue->sign(...), array_keys(array_filter($this->seen)));
        foreach ($this->causes as $cause) {
            if ($this->timesAsLikely($cause) >= TroubleLines::FITS_FROM['value'] && array_filter($seen, static fn(Sign $sign): bool => Causes::explains($cause, $sign)) !== []) {
                return true;
            }
        }

        return $seen === [];
    }

    /** Whether a spray may have done it: then it matters which batch that was. */
    public function mayBeBurn(): bool
    {
        foreach ($this->suspects() as $suspect) {
            foreach ($suspect->troubles as $trouble) {
                if ($trouble->bySpray) {
                    return true;
                }
            }
        }

        return false;
    }

    /** How many times as likely the signs that it explains, and those that are not there, are with it as with no trouble at all. */
    private function timesAsLikely(Cause $cause): float
    {
        $times = 1.0;
        foreach ($this->seen as $name => $there) {
            $sign = $this->catalogue->sign($name);
            if ($there && ! Causes::explains($cause, $sign)) {
                continue;
            }
            $share = $cause->shareOf($sign);
            $times *= $there ? $share / $sign->usual : (1.0 - $share) / (1.0 - $sign->usual);
        }

        return $times;
    }

    private function suspect(Cause $cause, float $chance): Suspect
    {
        $for = $against = $missing = [];
        foreach ($this->seen as $name => $there) {
            $sign = $this->catalogue->sign($name);
            $share = $cause->shareOf($sign);
            match (true) {
                $there && Causes::explains($cause, $sign) => $for[] = $sign,
                $there && $share <= $sign->usual => $against[] = $sign,
                ! $there && $share >= TroubleLines::EXPECTED_FROM['value'] => $missing[] = $sign,
                default => null,
            };
        }

        return new Suspect($cause->troubles(), $cause->name(), $chance, $for, $against, $missing, $this->moved($cause));
    }

    /** @return list<MovedBy> of one by itself; several at once are moved each for itself */
    private function moved(Cause $cause): array
    {
        return $this->here === null || count($cause->troubles()) > 1 ? [] : $this->here->moves($cause->troubles()[0]);
    }

    /** @return array{list<Cause>, list<Cause>} suspects that show the sign clearly more often than others, and the others */
    private function split(Sign $sign): array
    {
        $shares = [];
        foreach ($this->chances as $key => $chance) {
            if ($this->fits && $chance >= self::SUSPECT_FROM) {
                $shares[$key] = $this->causes[$key]->shareOf($sign);
            }
        }
        if ($shares === [] || max($shares) - min($shares) < self::SPLIT) {
            return [[], []];
        }
        $middle = (max($shares) + min($shares)) / 2.0;
        $of = fn(bool $high): array => array_map(
            fn(string $key): Cause => $this->causes[$key],
            array_keys(array_filter($shares, static fn(float $share): bool => ($share > $middle) === $high)),
        );

        return [$of(true), $of(false)];
    }
}
