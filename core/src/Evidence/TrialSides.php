<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;

/** Both sides of a trial together: when its spraying began, and when all of it was done. */
final readonly class TrialSides
{
    private const HOUR = 3600;

    /** @param DateTimeImmutable|null $said that all is sprayed, by whoever did it: for what no round tells, and for plants left out */
    public function __construct(public TrialSide $one, public TrialSide $other, private ?DateTimeImmutable $said = null) {}

    /** Of a trial of which only its own words are known. */
    public static function said(?DateTimeImmutable $sprayed): self
    {
        return new self(new TrialSide(false, [], []), new TrialSide(false, [], []), $sprayed);
    }

    /** When the first plant of either side was sprayed; null where none was. */
    public function begun(): ?DateTimeImmutable
    {
        $begun = $this->known($this->one->begun(), $this->other->begun(), $this->said);

        return $begun === [] ? null : min($begun);
    }

    /** When the last plant of either side was; null as long as one waits. Nothing that is sprayed later moves it. */
    public function sprayed(): ?DateTimeImmutable
    {
        $sprayed = $this->known($this->one->sprayed(), $this->other->sprayed());
        if ($sprayed !== [] && $this->one->isReady() && $this->other->isReady()) {
            return max($sprayed);
        }

        return $this->said === null ? null : max([$this->said, ...$this->known($this->one->begun(), $this->other->begun())]);
    }

    /** Which side comes next: both are mixed before the first of them is sprayed. Null where none waits. Common practice of trials, no source. */
    public function next(bool $oneIsMixed, bool $otherIsMixed): ?Side
    {
        $isMixed = array_filter(['one' => $this->one->left() > 0 ? $oneIsMixed : null, 'other' => $this->other->left() > 0 ? $otherIsMixed : null], is_bool(...));
        asort($isMixed);

        return Side::tryFrom((string) array_key_first($isMixed));
    }

    /** Hours between the sides, where they are too many to say that both had the same weather; null where they are not. */
    public function hoursApart(): ?int
    {
        [$one, $other] = [$this->one->begun(), $this->other->begun()];
        if ($one === null || $other === null) {
            return null;
        }
        $hours = intdiv(abs($one->getTimestamp() - $other->getTimestamp()), self::HOUR);

        return $hours > EvidenceLines::PAIRED_WITHIN['value'] ? $hours : null;
    }

    /** @return list<DateTimeImmutable> */
    private function known(?DateTimeImmutable ...$some): array
    {
        return array_values(array_filter($some, static fn(?DateTimeImmutable $one): bool => $one !== null));
    }
}
