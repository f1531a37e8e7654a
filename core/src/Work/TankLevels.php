<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

/**
 * How far the sprayer is filled after each step, so that it can be drawn: what stands in a jar, a cup or a blender
 * counts only once it is poured in. Dissolved solids take no room.
 */
final class TankLevels
{
    /**
     * @param list<Step> $steps
     *
     * @return list<Step> the same steps, each with the mL in the sprayer after it
     */
    public static function mark(array $steps, Load $load): array
    {
        $tank = 0.0;
        $aside = 0.0;
        $marked = [];
        foreach ($steps as $step) {
            $ml = (float) ($step->args['mL'] ?? 0.0);
            $room = $step->item === null ? 0.0 : $load->items[$step->item]->room();
            switch ($step->code) {
                case 'first-water':
                case 'first-water-half':
                case 'part-fill':
                case 'jar-water':
                case 'open-water':
                    $tank += $ml;
                    break;
                case 'add-tank':
                case 'add-swab-jar':
                case 'add-open':
                    $tank += $room;
                    break;
                case 'cup-water':
                case 'splash':
                    $aside += $ml;
                    break;
                case 'add-jar':
                case 'add-cup':
                case 'add-blender':
                    $aside += $room;
                    break;
                case 'pour-cup':
                case 'let-down':
                case 'stir-milky':
                    $tank += $aside;
                    $aside = 0.0;
                    break;
                case 'top-up':
                case 'open-top-up':
                    $tank = $ml;
                    break;
            }
            $marked[] = $step->reaching($tank);
        }

        return $marked;
    }
}
