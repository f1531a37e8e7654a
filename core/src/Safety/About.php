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

    /** @param string $code of a verdict */
    public static function of(string $code): self
    {
        if (str_starts_with($code, 'measured-')) {
            return self::Measuring;
        }
        $bare = preg_replace('/^(high-end|compare)-/', '', $code) ?? $code;

        return self::tryFrom(preg_replace('/-strength$/', '', $bare) ?? $bare) ?? match ($bare) {
            'oils-together', 'no-oil' => self::Oil,
            'non-ionic-strength', 'non-ionic', 'stand-test' => self::Emulsion,
            'repeated', 'essential-repeated' => self::Repeat,
            'temperature' => self::Weather,
            'in-flower', 'winter-oil-on-leaves' => self::Season,
            'hot-water', 'gas', 'stock-only', 'batch' => self::Container,
            default => str_starts_with($bare, 'measure-') || $bare === 'high-end' || $bare === 'overflow' ? self::Measuring : (str_starts_with($bare, 'weak-') ? self::Weak : self::Place),
        };
    }
}
