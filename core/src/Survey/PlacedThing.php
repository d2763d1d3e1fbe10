<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Thing;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A thing where it stands in the rebuilt room. */
final readonly class PlacedThing
{
    public function __construct(public Thing $thing, public Block $block)
    {
    }

    public function name(): Text
    {
        return $this->thing->name === null ? Text::of("thing.{$this->thing->kind->value}") : Text::of('thing.named', name: $this->thing->name);
    }

    /** Shares height with what stands from `bottom` to `top`. */
    public function meetsHeights(Length $bottom, Length $top): bool
    {
        $from = $this->block->corner->z;

        return $from->isLessThan($top) && $from->plus($this->block->size->z)->isGreaterThan($bottom);
    }

    /** Shares run with what stands from `left` to `right`. */
    public function meetsRun(Length $left, Length $right): bool
    {
        $from = $this->block->corner->x;

        return $from->isLessThan($right) && $from->plus($this->block->size->x)->isGreaterThan($left);
    }

    /** Stands within so much of the back wall. */
    public function meetsDepth(Length $depth): bool
    {
        return $this->block->corner->y->isLessThan($depth);
    }

    /** Cannot be seen through: a door or a window takes no room of its own. */
    public function isSolid(): bool
    {
        return $this->thing->out->isPositive() && $this->thing->kind !== ThingKind::Door;
    }
}
