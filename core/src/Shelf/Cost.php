<?php

declare(strict_types=1);

namespace IdleMixer\Core\Shelf;

use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Mix\Mixture;

/** What mixtures cost by what the bottles on the shelf cost; water costs nothing. */
final readonly class Cost
{
    private const ML_A_LITRE = 1000.0;

    /**
     * @param float        $money    in the money of the house, of what has a price
     * @param float        $litres   of finished spray
     * @param list<string> $unpriced slugs of what is in it and has no price, each once
     */
    private function __construct(public float $money, public float $litres, public array $unpriced) {}

    /** @param iterable<Mixture> $mixtures */
    public static function of(iterable $mixtures, Cupboard $cupboard): self
    {
        $money = $litres = 0.0;
        $unpriced = [];
        foreach ($mixtures as $mixture) {
            $litres += $mixture->finished() / self::ML_A_LITRE;
            foreach ($mixture->parts as $part) {
                $each = $cupboard->each($part->ingredient->slug);
                $money += ($each ?? 0.0) * $part->millilitres;
                $unpriced += $each === null ? [$part->ingredient->slug => true] : [];
            }
        }

        return new self($money, $litres, array_map(strval(...), array_keys($unpriced)));
    }

    /** Whether all of it has a price. */
    public function isWhole(): bool
    {
        return $this->unpriced === [];
    }

    /** Money; null where something has no price, or nothing was mixed. */
    public function aLitre(): ?float
    {
        return $this->isWhole() && $this->litres > 0.0 ? $this->money / $this->litres : null;
    }
}
