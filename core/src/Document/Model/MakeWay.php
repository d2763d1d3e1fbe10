<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Reading\Node;

/** How the person goes about making: the schools that change the order of work, and how many hands there are. */
final readonly class MakeWay
{
    /** @param  array<string, string>  $order  steps the person moved, each by the step it comes after; '' for first */
    public function __construct(
        public FinishWhen $finish = FinishWhen::Before,
        public ScribeWhere $scribe = ScribeWhere::Site,
        public int $hands = 1,
        public bool $finishHidden = false,
        public array $order = [],
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->at('finish')->optionalOf(FinishWhen::class) ?? FinishWhen::Before,
            $node->at('scribe')->optionalOf(ScribeWhere::class) ?? ScribeWhere::Site,
            $node->at('hands')->isMissing() ? 1 : $node->at('hands')->count(1, 6),
            ! $node->at('finish_hidden')->isMissing() && $node->at('finish_hidden')->flag(),
            $node->at('order')->byKey(fn (Node $n): string => $n->isEmptyText() ? '' : $n->text(200)),
        );
    }
}
