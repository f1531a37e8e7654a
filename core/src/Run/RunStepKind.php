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
    case Shake = 'shake';
    case Plant = 'plant';
    case Soak = 'soak';
    case Brush = 'brush';
    case Rinse = 'rinse';
    case Wash = 'wash';
    case Rest = 'rest';
}
