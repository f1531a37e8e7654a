<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

/** What a verdict is about: the words of the open plan document. */
enum About: string
{
    case Oil = 'oil';
    case Neem = 'neem';
    case Soap = 'soap';
    case Detergent = 'detergent';
    case Alcohol = 'alcohol';
    case Peroxide = 'peroxide';
    case Soda = 'soda';
    case Essential = 'essential';
    case Emulsion = 'emulsion';
    case ActiveSoap = 'active-soap';
    case Weak = 'weak';
    case Repeat = 'repeat';
    case Season = 'season';
    case Weather = 'weather';
    case Measuring = 'measuring';
    case Place = 'place';
    case Container = 'container';
}
