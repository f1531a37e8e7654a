<?php

declare(strict_types=1);

namespace Tests\Mutants;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\NodeVisitor;
use PhpParser\NodeVisitorAbstract;

/** Spoils one place of a file, counted from its beginning; counts them all when it spoils none. */
final class Spoil extends NodeVisitorAbstract
{
    /** An operator and what it is mistaken for. */
    private const MISTAKEN = [
        Expr\BinaryOp\Smaller::class => Expr\BinaryOp\SmallerOrEqual::class,
        Expr\BinaryOp\SmallerOrEqual::class => Expr\BinaryOp\Smaller::class,
        Expr\BinaryOp\Greater::class => Expr\BinaryOp\GreaterOrEqual::class,
        Expr\BinaryOp\GreaterOrEqual::class => Expr\BinaryOp\Greater::class,
        Expr\BinaryOp\Identical::class => Expr\BinaryOp\NotIdentical::class,
        Expr\BinaryOp\NotIdentical::class => Expr\BinaryOp\Identical::class,
        Expr\BinaryOp\BooleanAnd::class => Expr\BinaryOp\BooleanOr::class,
        Expr\BinaryOp\BooleanOr::class => Expr\BinaryOp\BooleanAnd::class,
        Expr\BinaryOp\Plus::class => Expr\BinaryOp\Minus::class,
        Expr\BinaryOp\Minus::class => Expr\BinaryOp\Plus::class,
        Expr\BinaryOp\Mul::class => Expr\BinaryOp\Div::class,
        Expr\BinaryOp\Div::class => Expr\BinaryOp\Mul::class,
    ];

    private const SWAPPED = ['min' => 'max', 'max' => 'min', 'floor' => 'ceil', 'ceil' => 'floor'];

    /** Where these take a flag for strictness: phpstan-strict-rules let no other stand there, so that `./check` notices whatever is put in its place. */
    private const STRICT = ['in_array' => 2, 'array_search' => 2, 'array_keys' => 2, 'base64_decode' => 1];

    /** What is this small is room for rounding. */
    private const ROUNDING = 1e-6;

    /** @var \SplObjectStorage<Node, null> */
    private readonly \SplObjectStorage $held;

    public int $places = 0;

    public int $line = 0;

    public string $what = '';

    public function __construct(private readonly int $place = -1, private readonly bool $isCatalogue = false)
    {
        $this->held = new \SplObjectStorage();
    }

    #[\Override]
    public function enterNode(Node $node): Node|int|null
    {
        // How strictly PHP reads a file is no rule of the trade.
        if ($node instanceof Node\Stmt\Declare_) {
            return NodeVisitor::DONT_TRAVERSE_CHILDREN;
        }
        if ($node instanceof Expr\FuncCall && $node->name instanceof Node\Name) {
            $flag = $node->args[self::STRICT[$node->name->toString()] ?? -1] ?? null;
            if ($flag instanceof Node\Arg) {
                $this->held->attach($flag->value);
            }
        }
        [$spoiled, $what] = $this->held->contains($node) ? [null, ''] : $this->spoiled($node);
        if ($spoiled === null || $this->places++ !== $this->place) {
            return null;
        }
        [$this->line, $this->what] = [$node->getStartLine(), $what];

        return $spoiled;
    }

    /** @return array{?Node, string} what stands there instead, and what was done; null where nothing is spoiled */
    private function spoiled(Node $node): array
    {
        return match (true) {
            $node instanceof Scalar\Int_, $node instanceof Scalar\Float_ => $this->moved($node),
            $node instanceof Expr\BinaryOp => self::mistaken($node),
            $node instanceof Expr\FuncCall => self::swapped($node),
            $node instanceof Expr\ConstFetch => match ($node->name->toLowerString()) {
                'true' => [new Expr\ConstFetch(new Node\Name('false')), 'true for false'],
                'false' => [new Expr\ConstFetch(new Node\Name('true')), 'false for true'],
                default => [null, ''],
            },
            $node instanceof Expr\Ternary && $node->if !== null => [new Expr\Ternary($node->cond, $node->else, $node->if), 'sides of ?: swapped'],
            $node instanceof Expr\BooleanNot => [new Expr\Cast\Bool_($node->expr), '! taken out'],
            $node instanceof Node\Stmt\If_ => [new Node\Stmt\If_(new Expr\BooleanNot($node->cond), ['stmts' => $node->stmts, 'elseifs' => $node->elseifs, 'else' => $node->else]), 'if turned round'],
            $node instanceof Node\Stmt\Expression && ($node->expr instanceof Expr\MethodCall || $node->expr instanceof Expr\StaticCall) => [new Node\Stmt\Nop(), 'call taken out'],
            default => [null, ''],
        };
    }

    /** @return array{?Node, string} a number of a rule one more or a tenth higher, one of a catalogue a fifth higher */
    private function moved(Scalar\Int_|Scalar\Float_ $node): array
    {
        $was = $node->value;
        if (is_int($was)) {
            $more = $this->isCatalogue ? max(1, (int) round(abs($was) / 5)) : 1;

            return [new Scalar\Int_($was + $more), "{$was} + {$more}"];
        }
        $times = $this->isCatalogue ? 1.2 : 1.1;

        return abs($was) <= self::ROUNDING && $was !== 0.0 ? [null, ''] : [new Scalar\Float_($was === 0.0 ? 1.0 : $was * $times), $was === 0.0 ? '1 for 0' : "{$was} × {$times}"];
    }

    /** @return array{?Node, string} */
    private static function mistaken(Expr\BinaryOp $node): array
    {
        $class = self::MISTAKEN[$node::class] ?? null;

        return $class === null ? [null, ''] : [new $class($node->left, $node->right), 'another operator for ' . $node->getOperatorSigil()];
    }

    /** @return array{?Node, string} */
    private static function swapped(Expr\FuncCall $node): array
    {
        $was = $node->name instanceof Node\Name ? $node->name->toString() : '';
        $now = self::SWAPPED[$was] ?? null;

        return $now === null ? [null, ''] : [new Expr\FuncCall(new Node\Name($now), $node->args), "{$now} for {$was}"];
    }
}
