<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** A further look and what it is expected to tell. */
final readonly class ProposedLook
{
    /**
     * @param float         $bits  expected information in bits
     * @param list<Cause> $yes   suspects that a "yes" speaks for
     * @param list<Cause> $no    suspects that a "no" speaks for
     */
    public function __construct(public Look $look, public float $bits, public array $yes, public array $no) {}

    /** @return list<string> names of what a yes speaks for: what is in none of those that a no speaks for, where there is such */
    public function yesNames(): array
    {
        return self::names($this->yes, $this->no);
    }

    /** @return list<string> the same of a no */
    public function noNames(): array
    {
        return self::names($this->no, $this->yes);
    }

    /**
     * @param list<Cause> $these
     * @param list<Cause> $those
     *
     * @return list<string>
     */
    private static function names(array $these, array $those): array
    {
        $elsewhere = array_merge([], ...array_map(static fn(Cause $cause): array => array_map(static fn(Trouble $trouble): string => $trouble->slug, $cause->troubles()), $those));
        $own = [];
        foreach ($these as $cause) {
            foreach ($cause->troubles() as $trouble) {
                $own += in_array($trouble->slug, $elsewhere, true) ? [] : [$trouble->slug => $trouble->name];
            }
        }

        return $own === [] ? array_map(static fn(Cause $cause): string => $cause->name(), $these) : array_values($own);
    }
}
