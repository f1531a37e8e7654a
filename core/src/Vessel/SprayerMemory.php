<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

/** What was in a sprayer, and whether it is out and washed. */
final readonly class SprayerMemory
{
    public const FILLED = 'filled';

    public const EMPTIED = 'emptied';

    public const WASHED = 'washed';

    public const WEED_KILLER = 'weed-killer';

    private function __construct(
        /** What was in it last; empty where nothing is known. */
        public string $last,
        private bool $hasRest,
        private bool $isWashed,
        private bool $hadWeedKiller,
    ) {}

    /** @param list<array{kind: string, spray: string}> $events earliest first */
    public static function of(array $events): self
    {
        $last = '';
        $rest = $weeds = false;
        $washed = true;
        foreach ($events as ['kind' => $kind, 'spray' => $spray]) {
            [$last, $rest, $washed] = match ($kind) {
                self::FILLED => [$spray, true, false],
                self::EMPTIED => [$last, false, $washed],
                self::WASHED => [$last, false, true],
                default => [$last, $rest, $washed],
            };
            $weeds = $weeds || $kind === self::WEED_KILLER;
        }

        return new self($last, $rest, $washed, $weeds);
    }

    /** What speaks against filling it with that now; null where nothing does. */
    public function before(string $spray): ?MemoryFinding
    {
        return match (true) {
            $this->hadWeedKiller => MemoryFinding::WeedKiller,
            $this->hasRest => MemoryFinding::Rest,
            ! $this->isWashed && $this->last !== $spray => MemoryFinding::Unwashed,
            default => null,
        };
    }
}
