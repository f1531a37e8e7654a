<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Emulsion\StandAdvice;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\SpoonsUp;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says what to do after a glass stood. */
final readonly class StandWords
{
    /** @param array<string, string> $words */
    public function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('stands');

        return new self($words);
    }

    /**
     * @param list<Measure> $measures at hand: what is to be added is said in these, rounded up
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function advice(StandAdvice $advice, array $measures): string
    {
        return strtr($this->words[$advice->code] ?? throw MissingWords::becauseOf($advice->code), ['{add}' => $advice->add > 0.0 ? self::spoons($advice->add, $measures) : '']);
    }

    /** @param list<Measure> $measures */
    private static function spoons(float $millilitres, array $measures): string
    {
        $scoop = SpoonsUp::of($measures, $millilitres, \INF);

        return $scoop === null ? Say::it('wording/stand-words.of-soap', ['millilitres' => Measures::metric($millilitres)]) : Say::it('wording/stand-words.of-soap.of-soap', ['scoop' => Measures::scoop($scoop), 'millilitres' => Measures::metric($scoop->millilitres())]);
    }
}
