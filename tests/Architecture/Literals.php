<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node;
use PhpParser\Node\Expr\FuncCall;
use PhpParser\Node\Scalar;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\ParentConnectingVisitor;
use PhpParser\ParserFactory;

/** The literals of a piece of PHP. */
final readonly class Literals
{
    /** Neutral, double, percent; and the factors between units of time, volume and the metre's prefixes. */
    private const PLAIN = [0.0, 1.0, 2.0, 100.0, 24.0, 60.0, 3600.0, 1000.0, 1_000_000.0];

    /** What is this small is room for rounding and decides nothing. */
    private const ROUNDING = 1e-6;

    /** @var list<Node> */
    private array $tree;

    public function __construct(string $code)
    {
        $tree = (new ParserFactory())->createForHostVersion()->parse($code) ?? [];
        $this->tree = array_values((new NodeTraverser(new ParentConnectingVisitor()))->traverse($tree));
    }

    public static function ofFile(string $file): self
    {
        return new self((string) file_get_contents($file));
    }

    /** @return list<string> numbers that may decide something, with their lines */
    public function deciding(): array
    {
        $numbers = (new NodeFinder())->find($this->tree, static fn(Node $node): bool => ($node instanceof Scalar\Int_ || $node instanceof Scalar\Float_)
            && abs((float) $node->value) > self::ROUNDING && ! in_array((float) $node->value, self::PLAIN, true) && ! self::isDigits($node));

        return array_map(static fn(Node $node): string => 'line ' . $node->getStartLine() . ': ' . ($node instanceof Scalar\Int_ || $node instanceof Scalar\Float_ ? json_encode($node->value) : ''), array_values($numbers));
    }

    /** @return list<string> the texts that are written out */
    public function texts(): array
    {
        return array_map(static fn(Scalar\String_ $text): string => $text->value, array_values((new NodeFinder())->findInstanceOf($this->tree, Scalar\String_::class)));
    }

    /** How many decimals a number is rounded or written to. */
    private static function isDigits(Node $node): bool
    {
        $argument = $node->getAttribute('parent');
        $call = $argument instanceof Node ? $argument->getAttribute('parent') : null;

        return $call instanceof FuncCall && $call->name instanceof Node\Name && in_array($call->name->toString(), ['round', 'number_format'], true) && ($call->args[1] ?? null) === $argument;
    }
}
