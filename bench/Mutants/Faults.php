<?php

declare(strict_types=1);

namespace Ektype\Bench\Mutants;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** Finds every fault that a slip of the hand could plant in a file. */
final class Faults extends NodeVisitorAbstract
{
    private const OPERATORS = [
        Expr\BinaryOp\Plus::class => ['sign', '+', '-'],
        Expr\BinaryOp\Minus::class => ['sign', '-', '+'],
        Expr\BinaryOp\Mul::class => ['sign', '*', '/'],
        Expr\BinaryOp\Div::class => ['sign', '/', '*'],
        Expr\BinaryOp\Smaller::class => ['bound', '<', '>'],
        Expr\BinaryOp\Greater::class => ['bound', '>', '<'],
        Expr\BinaryOp\SmallerOrEqual::class => ['bound', '<=', '>'],
        Expr\BinaryOp\GreaterOrEqual::class => ['bound', '>=', '<'],
        Expr\BinaryOp\Identical::class => ['branch', '===', '!=='],
        Expr\BinaryOp\NotIdentical::class => ['branch', '!==', '==='],
        Expr\BinaryOp\BooleanAnd::class => ['branch', '&&', '||'],
        Expr\BinaryOp\BooleanOr::class => ['branch', '||', '&&'],
    ];
    /** A constant becomes so much of itself. */
    private const OFF = 1.4;

    /** @var list<Fault> */
    private array $faults = [];

    private function __construct(private readonly string $file, private readonly string $code)
    {
    }

    /** @return list<Fault> */
    public static function in(string $file, string $code): array
    {
        $finder = new self($file, $code);
        $traverser = new NodeTraverser($finder);
        $traverser->traverse((new ParserFactory())->createForHostVersion()->parse($code) ?? []);

        return $finder->faults;
    }

    public function enterNode(Node $node): ?int
    {
        match (true) {
            $node instanceof Expr\BinaryOp => $this->operator($node),
            $node instanceof Expr\UnaryMinus => $this->add($node, 'sign', $node->getStartFilePos(), 1, ''),
            $node instanceof Expr\BooleanNot => $this->add($node, 'branch', $node->getStartFilePos(), 1, ''),
            $node instanceof Scalar\Float_, $node instanceof Scalar\Int_ => $this->number($node),
            $node instanceof Expr\Ternary && $node->if !== null => $this->swapped($node, 'branch', $node->if, $node->else),
            $node instanceof Expr\StaticCall, $node instanceof Expr\MethodCall, $node instanceof Expr\New_, $node instanceof Expr\FuncCall => $this->arguments($node),
            default => null,
        };

        return $node instanceof Node\Attribute || $node instanceof Expr\Throw_ ? NodeTraverser::DONT_TRAVERSE_CHILDREN : null;
    }

    private function operator(Expr\BinaryOp $node): void
    {
        [$kind, $is, $becomes] = self::OPERATORS[$node::class] ?? ['', '', ''];
        if ($kind === '') {
            return;
        }
        $from = $node->left->getEndFilePos() + 1;
        $between = substr($this->code, $from, $node->right->getStartFilePos() - $from);
        $at = strpos($between, $is);
        // What stands in brackets or behind a comment is left alone.
        if ($at !== false && trim($between, " \n()") === $is) {
            $this->add($node, $kind, $from + $at, \strlen($is), $becomes);
        }
    }

    private function number(Scalar\Float_|Scalar\Int_ $node): void
    {
        if ($node->value === 0 || $node->value === 1 || $node->value === 0.0 || $node->value === 1.0) {
            return;
        }
        $off = $node instanceof Scalar\Int_ ? (string) ($node->value + 1) : var_export($node->value * self::OFF, true);
        $this->add($node, 'constant', $node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1, $off);
    }

    private function arguments(Expr\StaticCall|Expr\MethodCall|Expr\New_|Expr\FuncCall $call): void
    {
        $args = $call->isFirstClassCallable() ? [] : $call->getArgs();
        foreach ($args as $i => $arg) {
            $next = $args[$i + 1] ?? null;
            if ($next !== null && $arg->name === null && $next->name === null && self::isPlain($arg->value) && self::isPlain($next->value)) {
                $this->swapped($call, 'swapped', $arg->value, $next->value);

                return;
            }
        }
    }

    private static function isPlain(Expr $one): bool
    {
        return $one instanceof Expr\Variable || $one instanceof Expr\PropertyFetch;
    }

    private function swapped(Node $node, string $kind, Expr $one, Expr $two): void
    {
        $text = fn (Expr $of): string => substr($this->code, $of->getStartFilePos(), $of->getEndFilePos() - $of->getStartFilePos() + 1);
        $from = $one->getStartFilePos();
        $between = substr($this->code, $one->getEndFilePos() + 1, $two->getStartFilePos() - $one->getEndFilePos() - 1);
        if ($text($one) !== $text($two)) {
            $this->add($node, $kind, $from, $two->getEndFilePos() - $from + 1, $text($two).$between.$text($one));
        }
    }

    private function add(Node $node, string $kind, int $from, int $length, string $becomes): void
    {
        $this->faults[] = new Fault($this->file, $node->getStartLine(), $kind, $from, $length, $becomes);
    }
}
