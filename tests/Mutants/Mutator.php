<?php

declare(strict_types=1);

namespace Tests\Mutants;

use PhpParser\NodeTraverser;
use PhpParser\Parser;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;

/** Puts small faults into a file, one at a time: the slips that hands make, in rules and in numbers. */
final readonly class Mutator
{
    private Parser $parser;

    public function __construct()
    {
        $this->parser = (new ParserFactory())->createForHostVersion();
    }

    /** How many there are of one file. */
    public function count(string $file, string $code): int
    {
        return $this->walk($code, new Spoil(isCatalogue: self::isCatalogue($file)))[0]->places;
    }

    /** The fault at one place of a file. */
    public function at(string $file, string $code, int $place): Mutant
    {
        [$spoil, $spoiled] = $this->walk($code, new Spoil($place, self::isCatalogue($file)));

        return new Mutant($file, $spoil->line, $spoil->what, $spoiled);
    }

    private static function isCatalogue(string $file): bool
    {
        return str_starts_with($file, 'core/data/');
    }

    /** @return array{Spoil, string} */
    private function walk(string $code, Spoil $spoil): array
    {
        $tree = (new NodeTraverser($spoil))->traverse($this->parser->parse($code) ?? []);

        return [$spoil, (new Standard())->prettyPrintFile($tree)];
    }
}
