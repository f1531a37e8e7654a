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
                case StepCode::FirstWater:
                case StepCode::FirstWaterHalf:
                case StepCode::PartFill:
                case StepCode::JarWater:
                case StepCode::OpenWater:
                    $tank += $ml;
                    break;
                case StepCode::AddTank:
                case StepCode::AddSwabJar:
                case StepCode::AddOpen:
                    $tank += $room;
                    break;
                case StepCode::CupWater:
                case StepCode::Splash:
                    $aside += $ml;
                    break;
                case StepCode::AddJar:
                case StepCode::AddCup:
                case StepCode::AddBlender:
                    $aside += $room;
                    break;
                case StepCode::PourCup:
                case StepCode::LetDown:
                case StepCode::PourCupOpen:
                case StepCode::LetDownOpen:
                case StepCode::StirMilky:
                    $tank += $aside;
                    $aside = 0.0;
                    break;
                case StepCode::TopUp:
                case StepCode::OpenTopUp:
                    $tank = $ml;
                    break;
            }
            $marked[] = $step->reaching($tank);
        }

        return $marked;
    }
}
