<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Ingredient\SubstanceGroup;

/** A finding with its arguments; the sentence is put together elsewhere. */
final readonly class Verdict
{
    /**
     * @param string                          $code   of the open plan document
     * @param array<string, int|float|string> $args
     * @param string|null                     $source key of the source of the limit; null where no limit was used
     */
    private function __construct(
        public Finding $finding,
        public string $code,
        private About $about,
        public Level $level,
        public array $args,
        public ?string $source,
    ) {}

    /**
     * @param array<string, int|float|string> $args
     * @param string|null                     $source of the limit, where it comes with one
     */
    public static function of(Finding $finding, array $args = [], ?string $source = null): self
    {
        return new self($finding, $finding->code(), $finding->about(), $finding->level(), $args, $finding->source() ?? $source);
    }

    /**
     * What is told of it as the measures at hand have it.
     *
     * @param bool $byFar whether they are off by so much that it is as bad as it is, and not only to be minded
     */
    public static function ofMeasured(self $worse, bool $byFar): self
    {
        $finding = isset($worse->args['limit']) ? Finding::MeasuredOver : Finding::MeasuredOverTogether;

        return new self($finding, "measured-{$worse->code}", $finding->about(), $byFar ? $worse->level : Level::Caution, $worse->args, $worse->source);
    }

    /**
     * What two sprays hold of one thing.
     *
     * @param array<string, int|float|string> $args
     */
    public static function ofTwo(Finding $finding, SubstanceGroup $what, array $args): self
    {
        $about = match ($what) {
            SubstanceGroup::Oil => About::Oil,
            SubstanceGroup::Essential => About::Essential,
            SubstanceGroup::Soap => About::Soap,
            SubstanceGroup::Alcohol => About::Alcohol,
            SubstanceGroup::Peroxide => About::Peroxide,
            SubstanceGroup::Soda => About::Soda,
        };

        return new self($finding, "compare-{$what->value}", $about, $finding->level(), $args, $finding->source());
    }

    public function about(): About
    {
        return $this->about;
    }
}
