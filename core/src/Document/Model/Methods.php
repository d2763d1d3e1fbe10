<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Reading\Node;

/** The construction methods in force; what an element does not name it inherits: project, piece, run, band, bay. */
final readonly class Methods
{
    public function __construct(
        public Front $front,
        public TopJoint $top,
        public BottomJoint $bottom,
        public ShelfRest $shelves,
        public BackKind $back,
        public CarcassJoint $joint,
        public bool $glue,
        public SlopeTop $slopeTop,
    ) {
    }

    /** The project's own, which stand behind all others; what an older document does not know takes our usual. */
    public static function ofProject(Node $node): self
    {
        return new self(
            $node->at('front')->oneOf(Front::class),
            $node->at('top')->oneOf(TopJoint::class),
            $node->at('bottom')->optionalOf(BottomJoint::class) ?? BottomJoint::Between,
            $node->at('shelves')->oneOf(ShelfRest::class),
            $node->at('back')->oneOf(BackKind::class),
            $node->at('joint')->optionalOf(CarcassJoint::class) ?? CarcassJoint::Screws,
            $node->at('glue')->isMissing() || $node->at('glue')->flag(),
            $node->at('slope_top')->optionalOf(SlopeTop::class) ?? SlopeTop::Raking,
        );
    }

    public function changedBy(Node $node): self
    {
        return new self(
            $node->at('front')->optionalOf(Front::class) ?? $this->front,
            $node->at('top')->optionalOf(TopJoint::class) ?? $this->top,
            $node->at('bottom')->optionalOf(BottomJoint::class) ?? $this->bottom,
            $node->at('shelves')->optionalOf(ShelfRest::class) ?? $this->shelves,
            $node->at('back')->optionalOf(BackKind::class) ?? $this->back,
            $node->at('joint')->optionalOf(CarcassJoint::class) ?? $this->joint,
            $node->at('glue')->isMissing() ? $this->glue : $node->at('glue')->flag(),
            $node->at('slope_top')->optionalOf(SlopeTop::class) ?? $this->slopeTop,
        );
    }
}
