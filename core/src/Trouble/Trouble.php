<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** What a plant may suffer from. */
final readonly class Trouble implements Cause
{
    /**
     * @param array<string, float> $signs  share, 0 to 1, of such troubles that show the sign, by sign; others are as common as anywhere
     * @param list<string>         $stages what sprays are chosen by
     */
    public function __construct(
        public string $slug,
        public string $name,
        public TroubleKind $kind,
        /** Weight against the others, above 0. */
        public float $commonness,
        public array $signs,
        public string $matters,
        public array $stages,
        /** What is counted; null where no case can be opened, for no count says how bad it is. */
        public ?string $counted = null,
        /** Whether a spray does it. */
        public bool $bySpray = false,
        public Where $where = new Where(),
    ) {}

    /** The same, where it is so many times as common. */
    public function timesAsCommon(float $times): self
    {
        return new self($this->slug, $this->name, $this->kind, $times * $this->commonness, $this->signs, $this->matters, $this->stages, $this->counted, $this->bySpray, $this->where);
    }

    public function key(): string
    {
        return $this->slug;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function weight(): float
    {
        return $this->commonness;
    }

    /** @return non-empty-list<Trouble> */
    public function troubles(): array
    {
        return [$this];
    }

    public function shareOf(Sign $sign): float
    {
        return $this->signs[$sign->slug] ?? $sign->usual;
    }
}
