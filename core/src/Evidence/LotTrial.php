<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;

/**
 * A trial by lot with its looks: each leaf is compared with the last look before it was sprayed. It may be settled at the first
 * looks after that, as many as share the error among them; a later one only tells.
 */
final readonly class LotTrial
{
    /**
     * @param list<bool>             $lots      whether each gets the first spray
     * @param list<SpotLook>         $looks     earliest first
     * @param DateTimeImmutable|null $sprayedAt when the last of them was
     * @param DateTimeImmutable|null $begunAt   when the first of them was: what is counted between the two is neither before nor after
     */
    public function __construct(private array $lots, private array $looks, public ?DateTimeImmutable $sprayedAt, private ?DateTimeImmutable $begunAt = null) {}

    public function isSprayed(): bool
    {
        return $this->sprayedAt !== null;
    }

    /** The last look before anything was sprayed. */
    public function before(): ?SpotLook
    {
        $until = $this->begunAt ?? $this->sprayedAt;
        $before = array_values(array_filter($this->looks, static fn(SpotLook $look): bool => $until === null || $look->at <= $until));

        return $before === [] ? null : $before[count($before) - 1];
    }

    /** @return list<SpotLook> */
    public function after(): array
    {
        return $this->sprayedAt === null ? [] : array_values(array_filter($this->looks, fn(SpotLook $look): bool => $look->at > $this->sprayedAt));
    }

    /** By the last look; null where nothing can be said. */
    public function result(): ?SideBySide
    {
        $after = $this->after();

        return $after === [] ? null : $this->at($after[count($after) - 1]);
    }

    public function isSettled(): bool
    {
        foreach (array_slice($this->after(), 0, EvidenceLines::TRIAL_LOOKS['value']) as $look) {
            if ($this->at($look)->clear ?? false) {
                return true;
            }
        }

        return false;
    }

    private function at(SpotLook $look): ?SideBySide
    {
        $before = $this->before();

        return $before === null ? null : SideBySide::of($this->lots, $before->counts, $look->counts);
    }
}
