<?php

declare(strict_types=1);

namespace IdleMixer\Core\Run;

/** What is done in the bed. */
enum RunStepKind: string
{
    case Protect = 'protect';
    case KnockBack = 'knock-back';
    case Check = 'check';
    case Fill = 'fill';
    /** A load is mixed, on a screen of its own. */
    case Mix = 'mix';
    /** What stands open, or gives off gas, is not shaken. */
    case Stir = 'stir';
    case Shake = 'shake';
    case Plant = 'plant';
    case Soak = 'soak';
    case Brush = 'brush';
    /** Once more, after the brush. */
    case SecondSoak = 'second-soak';
    case Rinse = 'rinse';
    /** Shade, moving air, fresh soil, the pot flushed. */
    case Aftercare = 'aftercare';
    case Wash = 'wash';
    case Rest = 'rest';
}
