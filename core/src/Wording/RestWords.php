<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Words\Say;

/** Says where what is left of a mix may and may not be poured. */
final readonly class RestWords
{
    /** @param array<string, string> $words by what is in it, in the order in which they are said */
    private function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('rests');

        return new self($words);
    }

    public function where(Mixture $mixture): string
    {
        $in = [];
        foreach ($mixture->parts as $part) {
            $in[$part->ingredient->substance->value] = true;
        }
        $oily = array_filter(Substance::cases(), static fn(Substance $one): bool => $one->isOily() && isset($in[$one->value])) !== [];
        $said = array_filter($this->words, static fn(string $key): bool => $key === 'always' || isset($in[$key]) || ($key === 'oily' && $oily), \ARRAY_FILTER_USE_KEY);

        return implode(' ', $said);
    }
}
