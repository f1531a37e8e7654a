<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

/** How one made picture of a leaf is to look. */
final readonly class Made
{
    /**
     * @param string       $shape  one of Outline::SHAPES
     * @param string       $colour one of Painter::COLOURS
     * @param string       $injury none, brown, rim, straw, bleached, yellow, wet, holes or mixed
     * @param float        $share  share of the blade to injure, 0 to 1
     * @param list<string> $beside curled, petiole, label, ruler
     * @param string       $light  even, slanted, hard-shadow, soft-shadow, glare or cast
     * @param string       $paper  white, cream, lined, kraft or blue
     * @param list<string> $camera blur, noise, turned, cropped
     */
    public function __construct(
        public int $seed,
        public string $shape,
        public string $colour,
        public string $injury,
        public float $share,
        public array $beside,
        public string $light,
        public string $paper,
        public array $camera,
        public int $quality,
    ) {}

    /** Whether a picture of this kind may be called unsure: what nobody can tell from one picture. */
    public function mayBeUnsure(): bool
    {
        return in_array($this->light, ['glare', 'soft-shadow'], true)
            || in_array($this->paper, ['kraft', 'blue', 'cream'], true)
            || (in_array($this->injury, ['straw', 'bleached'], true) && in_array($this->colour, ['pale-veined', 'variegated'], true));
    }
}
