<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** An amount as it stands in a line, before it is known of what. */
final readonly class Much
{
    private function __construct(
        public MuchKind $kind,
        public float $low,
        public ?float $high,
        /** The token of the unit, or of the amount by eye. */
        public ?Token $unit,
        /** Heaped, scant, good. */
        public ?Token $size,
        /** “v/v” or “w/v” behind a percent. */
        public ?Token $by,
        public int $from,
        public int $to,
    ) {}

    public static function of(MuchKind $kind, float $low, ?float $high, int $from, int $to, ?Token $unit = null, ?Token $size = null, ?Token $by = null): self
    {
        return new self($kind, $low, $high, $unit, $size, $by, $from, $to);
    }

    /** From this one to that, in the unit of this one. */
    public function upTo(float $high, int $to): self
    {
        return new self($this->kind, $this->low, $high, $this->unit, $this->size, $this->by, $this->from, $to);
    }

    /** This one and more of it. */
    public function and(float $more, int $to): self
    {
        return new self($this->kind, $this->low + $more, $this->high === null ? null : $this->high + $more, $this->unit, $this->size, $this->by, $this->from, $to);
    }

    public function is(MuchKind ...$kinds): bool
    {
        return in_array($this->kind, $kinds, true);
    }

    /** Whether a rate may be given by it: per litre, in 3 cups. */
    public function isVessel(): bool
    {
        return $this->kind === MuchKind::Measured && $this->unit !== null && $this->unit->vessel;
    }
}
