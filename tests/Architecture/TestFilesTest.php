<?php

declare(strict_types=1);

use PhpParser\Node;
use PhpParser\Node\Const_;
use PhpParser\Node\Expr\ConstFetch;
use PhpParser\Node\Expr\FuncCall;
use PhpParser\Node\Name;
use PhpParser\Node\Stmt\Function_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/*
 * Every file of tests runs by itself: what two of them need stands in a class beside them, not in one of the two.
 */

/**
 * @param array<string, string> $files code by name
 *
 * @return list<string> each file with what it calls or reads of another
 */
function leaning(array $files): array
{
    $parser = (new ParserFactory())->createForHostVersion();
    $finder = new NodeFinder();
    $own = $used = [];
    foreach ($files as $name => $code) {
        $tree = $parser->parse($code) ?? [];
        $own[$name] = array_map(static fn(Function_|Const_ $one): string => $one->name->toString(), [...$finder->findInstanceOf($tree, Function_::class), ...$finder->findInstanceOf($tree, Const_::class)]);
        $named = [...array_map(static fn(FuncCall $call): Node => $call->name, $finder->findInstanceOf($tree, FuncCall::class)), ...array_map(static fn(ConstFetch $read): Node => $read->name, $finder->findInstanceOf($tree, ConstFetch::class))];
        $used[$name] = array_unique(array_map(static fn(Name $one): string => $one->toString(), array_filter($named, static fn(Node $one): bool => $one instanceof Name)));
    }
    $all = [];
    foreach ($used as $name => $words) {
        $others = array_merge(...array_values(array_diff_key($own, [$name => 0])));
        foreach (array_diff(array_intersect($words, $others), $own[$name]) as $word) {
            $all[] = "{$name}: {$word}";
        }
    }

    return $all;
}

it('leans on no other file of tests', function (): void {
    $root = dirname(__DIR__, 2);
    $files = [];
    foreach (["{$root}/core/tests", "{$root}/tests/Feature", "{$root}/tests/Architecture"] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof SplFileInfo && str_ends_with($file->getFilename(), 'Test.php')) {
                $files[substr($file->getPathname(), strlen($root) + 1)] = (string) file_get_contents($file->getPathname());
            }
        }
    }
    expect(count($files))->toBeGreaterThan(150)->and(leaning($files))->toBe([]);
});

it('would notice one that does', function (): void {
    $one = "<?php\nconst A_LEAF = 1;\nfunction oneLeaf(): int\n{\n    return A_LEAF;\n}\n";
    expect(leaning(['one' => $one, 'other' => "<?php\nit('is', fn() => expect(oneLeaf())->toBe(1));\n"]))->toBe(['other: oneLeaf'])
        ->and(leaning(['one' => $one, 'other' => "<?php\nit('is', fn() => expect(A_LEAF)->toBe(1));\n"]))->toBe(['other: A_LEAF'])
        ->and(leaning(['one' => $one, 'other' => "<?php\n// oneLeaf() of A_LEAF\nit('oneLeaf', fn() => \$made->oneLeaf());\n"]))->toBe([]);
});
