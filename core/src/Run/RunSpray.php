<?php

declare(strict_types=1);

namespace IdleMixer\Core\Run;

use IdleMixer\Core\Method\Agitation;
use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Method\Wetness;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Work\Load;

/** What is put on, as far as the hands go by it. */
final readonly class RunSpray
{
    private function __construct(
        public RecipeUse $use,
        public Method $method,
        public bool $hasOil,
        private bool $givesOffGas,
        /** Whether leaf by leaf is brushed or sponged, and nothing sprayed. */
        private bool $byHand,
        /** Whether it stands in a bucket, from which the sprayer is filled. */
        public bool $inBucket,
    ) {}

    public static function of(RecipeUse $use, Load $load, Method $method, bool $byHand = false, bool $inBucket = false): self
    {
        $isSprayed = in_array($use, [RecipeUse::Foliar, RecipeUse::Dormant], true);

        return new self($use, $method, $load->hasOil(), $load->givesOffGas(), $byHand && $isSprayed, $inBucket && $isSprayed && ! $byHand);
    }

    /** Whether it stands open and is stirred. */
    public function isStirred(): bool
    {
        return $this->givesOffGas || $this->byHand || $this->method->vessel->isOpen();
    }

    /** Which words go with moving it; null for the usual ones. */
    public function moved(): ?string
    {
        return match (true) {
            $this->byHand => 'by-hand',
            $this->use !== RecipeUse::Foliar => $this->use->value,
            $this->method->agitation === Agitation::Swirled => 'swirled',
            default => null,
        };
    }

    /** How it is moved before the next plant. */
    public function move(): Agitation
    {
        return match (true) {
            $this->isStirred() => Agitation::Stirred,
            $this->method->agitation === Agitation::Swirled => Agitation::Swirled,
            default => Agitation::Shaken,
        };
    }

    public function putOn(): PutOn
    {
        return match (true) {
            $this->byHand => PutOn::ByHand,
            $this->use === RecipeUse::Drench => PutOn::Drench,
            $this->use === RecipeUse::Dormant => PutOn::Dormant,
            $this->use === RecipeUse::Spot => PutOn::Spot,
            $this->method->wet === Wetness::Mist => PutOn::Mist,
            $this->hasOil => PutOn::Oil,
            $this->method->wet === Wetness::RunOff => PutOn::RunOff,
            default => PutOn::Plain,
        };
    }
}
