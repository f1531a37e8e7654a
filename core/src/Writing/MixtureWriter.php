<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Wording\Figures;

/** Writes what is in a mixture, and how strong it is. */
final class MixtureWriter
{
    /** @return list<array{ingredient: string, name: string, mL: float, g: float}> */
    public static function lines(Mixture $mixture): array
    {
        $lines = [];
        foreach ($mixture->parts as $part) {
            $lines[] = ['ingredient' => $part->ingredient->slug, 'name' => $part->ingredient->name, 'mL' => $part->millilitres, 'g' => $part->grams()];
        }

        return $lines;
    }

    /** @return array<string, float> percent of the finished spray; soda in g per 100 mL */
    public static function strength(Strengths $strengths): array
    {
        return [
            'oil_percent_vv' => $strengths->oil,
            'essential_percent_vv' => $strengths->essential,
            'soap_percent_vv' => $strengths->soap,
            'alcohol_percent_vv' => $strengths->alcohol,
            'peroxide_percent_vv' => $strengths->peroxide,
            'soda_percent_wv' => $strengths->soda,
        ];
    }

    /** @return list<string> as it is read out, only what is in it */
    public static function spoken(Strengths $strengths): array
    {
        return self::range($strengths, $strengths);
    }

    /** @return list<string> from the one to the other, where they differ: “0.77 to 1.52 % oil” */
    public static function range(Strengths $low, Strengths $high): array
    {
        $top = self::named($high);
        $words = [];
        foreach (self::named($low) as $what => $from) {
            [$least, $most] = [min($from, $top[$what]), max($from, $top[$what])];
            if ($most > 0.0) {
                $figure = Figures::short($least) === Figures::short($most) ? Figures::short($most) : Figures::short($least) . ' to ' . Figures::short($most);
                $words[] = $figure . ($what === 'soda' ? ' g per 100 mL ' : ' % ') . $what;
            }
        }

        return $words;
    }

    /** @return array<string, float> */
    private static function named(Strengths $strengths): array
    {
        return [
            'oil' => $strengths->oil,
            'essential oil' => $strengths->essential,
            'soap' => $strengths->soap,
            'pure alcohol' => $strengths->alcohol,
            'pure peroxide' => $strengths->peroxide,
            'soda' => $strengths->soda,
        ];
    }
}
