<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

/** What a kind of plant tells of all plants of it: proposed, and asked, never silent. */
final readonly class Kind
{
    public function __construct(
        public string $slug,
        public string $name,
        public ToleranceClass $leaf,
        public bool $bearsNoOil,
        /** Soap marks it. */
        public bool $soapSensitive,
        /** It loses its leaves for a time, so that it can be asked whether it is bare. */
        public bool $standsBare,
        /** Kitchen oil clogs its leaves. */
        public bool $kitchenOilHeavy,
        /** Key of the source. */
        public string $source,
    ) {}
}
