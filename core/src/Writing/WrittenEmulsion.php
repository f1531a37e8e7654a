<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** Whether the oil is held, and for how long. */
final readonly class WrittenEmulsion
{
    /**
     * @param list<WrittenOrder> $orders
     * @param list<WrittenGlass> $glass
     */
    public function __construct(
        public float $soap_given_mL,
        public float $soap_needed_mL,
        public float $soap_lost_to_hardness_mL,
        /** What the water would take of soap that is added, before any of it is free. */
        public float $soap_still_taken_mL,
        public ?WrittenRemedy $remedy,
        public string $verdict,
        public float $reshake_seconds,
        public bool $hardness_assumed,
        public array $orders,
        public array $glass,
        public float $glass_height_mm,
        public float $last_tenth_oil_percent,
        public string $because,
    ) {}
}
