<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Fields\Settings;

/** What a bay holds, with its settings as read through the fields of its kind. */
final readonly class Fill
{
    /** @param  array<string, Shelf>  $shelves  from the bottom up */
    public function __construct(public FillKind $kind, public Settings $is, public array $shelves = [])
    {
    }

    /** Rolls over the floor when it is drawn out. */
    public function isOnCastors(): bool
    {
        return match ($this->kind) {
            FillKind::Caddy => true,
            FillKind::PullOut, FillKind::Drawers => $this->is->choice('on') === 'castors',
            FillKind::PullOutStep => $this->is->length('castor')->isPositive(),
            default => false,
        };
    }
}
