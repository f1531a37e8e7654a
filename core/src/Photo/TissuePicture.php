<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** What was counted as what, point by point. */
final readonly class TissuePicture
{
    /** @param array<int, Tissue> $classes by point; what is no leaf is left out */
    public function __construct(public int $width, public int $height, public array $classes) {}

    /** @return string one letter a point, row by row: 0 no leaf, else the number of the tissue; as lengths of runs, "12x0" */
    public function runs(): string
    {
        $text = '';
        $last = 0;
        $run = 0;
        for ($i = 0; $i < $this->width * $this->height; ++$i) {
            $code = isset($this->classes[$i]) ? $this->classes[$i]->value : 0;
            if ($code !== $last && $run > 0) {
                $text .= "{$run}x{$last} ";
                $run = 0;
            }
            $last = $code;
            ++$run;
        }

        return "{$text}{$run}x{$last}";
    }
}
