<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

/** A plant as it is today, as far as it decides what may go on it. What its kind tells and what the gardener says hold side by side: the stricter of the two decides. */
final readonly class PlantNow
{
    public function __construct(
        /** What the gardener says of its leaf, or of what the spray goes onto; null where nobody said. */
        public ?ToleranceClass $leaf = null,
        /** Null where nothing is known of its kind. */
        public ?Kind $kind = null,
        public Site $site = Site::Outdoors,
        /** Null where nobody said. */
        public ?Stage $stage = null,
        /** Dry at the root, or wilted. */
        public bool $dryRoot = false,
        public bool $wounded = false,
        /** Moved within the last week. */
        public bool $freshlyMoved = false,
        public bool $eatenRaw = false,
        private bool $soapSensitive = false,
        private bool $bearsNoOil = false,
        /** Days until it is picked, 0 or more; null where it is not. */
        public ?float $harvestInDays = null,
        /** One that cannot be had again. */
        public bool $isRare = false,
    ) {}

    /**
     * The same on a day of which somebody tells more.
     *
     * @param float|null $pickedInDays days until it is picked, where that is sooner
     */
    public function on(bool $inFlower, ?float $pickedInDays): self
    {
        $harvest = $pickedInDays === null ? $this->harvestInDays : min($pickedInDays, $this->harvestInDays ?? \INF);

        return new self($this->leaf, $this->kind, $this->site, $inFlower ? Stage::InBloom : $this->stage, $this->dryRoot, $this->wounded, $this->freshlyMoved, $this->eatenRaw, $this->soapSensitive, $this->bearsNoOil, $harvest, $this->isRare);
    }

    public function bearsNoOil(): bool
    {
        return $this->bearsNoOil || ($this->leaf->bearsNoOil ?? false) || ($this->kind->bearsNoOil ?? false);
    }

    public function isSoapSensitive(): bool
    {
        return $this->soapSensitive || ($this->kind->soapSensitive ?? false);
    }

    /** Whether it has hairs, which alcohol wilts for good. */
    public function wiltsByAlcohol(): bool
    {
        return ($this->leaf->wiltsByAlcohol ?? false) || ($this->kind->leaf->wiltsByAlcohol ?? false);
    }

    /** Whether its leaf is thin: it tears under a jet. */
    public function isTender(): bool
    {
        return array_filter([$this->leaf, $this->kind?->leaf], static fn(?ToleranceClass $class): bool => $class?->isThin === true) !== [];
    }

    /** Whether it is known to be bare. */
    public function isBare(): bool
    {
        return $this->stage === Stage::Bare || ($this->leaf?->surface === Surface::Wood && ($this->stage === null || $this->stage === Stage::Seedling));
    }

    public function isInBloom(): bool
    {
        return $this->stage === Stage::InBloom;
    }

    public function isYoung(): bool
    {
        return $this->stage === Stage::Seedling || $this->freshlyMoved;
    }

    /** Soil with nothing growing in it. */
    public function isEmptyBed(): bool
    {
        return $this->leaf?->surface === Surface::Soil && ! $this->leaf->planted;
    }

    public function isSoilOnly(): bool
    {
        return $this->leaf?->surface === Surface::Soil;
    }

    /** Whether anything is said of it. */
    public function isSaid(): bool
    {
        return $this->leaf !== null || $this->kind !== null || $this->stage !== null;
    }

    /**
     * What a spray on it lands on: the leaf that was said, that of its kind, and a wound. Bare wood where it is bare.
     *
     * @return list<ToleranceClass> none where nobody said
     */
    public function surfaces(ToleranceCatalogue $classes): array
    {
        if ($this->isSoilOnly() && $this->leaf !== null) {
            return [$this->leaf];
        }
        if ($this->isBare()) {
            return [$classes->bareWood()];
        }
        $all = [];
        foreach ([$this->leaf, $this->kind?->leaf, $this->wounded ? $classes->wounded() : null] as $class) {
            if ($class !== null && $class->surface === Surface::Leaf) {
                $all[$class->slug] = $class;
            }
        }

        return array_values($all);
    }
}
