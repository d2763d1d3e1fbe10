<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Document\Reading\Node;

/** A spot on a drawing of a piece or a room: which drawing, which view, and where in it, mm. */
final readonly class Mark
{
    public function __construct(public string $drawing, public string $view, public float $x, public float $y)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->at('drawing')->text(60), $node->at('view')->text(40),
            $node->at('x')->number(-50_000, 50_000), $node->at('y')->number(-50_000, 50_000));
    }
}
