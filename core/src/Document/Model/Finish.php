<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Reading\Node;

/** How a piece is finished: what with, whether a primer goes first, and what it says on the tin. How many coats: Piece::$coats. */
final readonly class Finish
{
    public function __construct(
        public FinishKind $kind = FinishKind::None,
        public bool $primer = false,
        public ?string $colour = null,
        public ?string $sheen = null,
    ) {
    }

    /** A primer goes under paint alone. */
    public function isPrimed(): bool
    {
        return $this->primer && $this->kind === FinishKind::Paint;
    }

    /** Coats of paint were asked for before finishes were: those are paint. */
    public static function read(Node $node, int $coats): self
    {
        $text = fn (string $key): ?string => $node->at($key)->isMissing() ? null : $node->at($key)->text(80);

        return new self(
            $node->at('kind')->optionalOf(FinishKind::class) ?? ($coats > 0 ? FinishKind::Paint : FinishKind::None),
            ! $node->at('primer')->isMissing() && $node->at('primer')->flag(),
            $text('colour'),
            $text('sheen'),
        );
    }
}
