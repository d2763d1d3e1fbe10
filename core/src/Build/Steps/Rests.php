<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Body;
use Incastro\Core\Assembly\BodyKind;
use Incastro\Core\Assembly\Footing;

/** What a thing stands on in the room is there before it, in its own piece and in others. */
final class Rests
{
    /** @var list<array{Body, Body}> what would have to be there before what it stands on, and that */
    public array $blocked = [];

    public function __construct(private readonly Footing $footing, private readonly Draft $draft)
    {
    }

    public function add(): void
    {
        foreach ($this->footing->pairs as [$lower, $upper]) {
            [$first, $then] = [$this->draft->stands[$lower->id] ?? null, $this->draft->stands[$upper->id] ?? null];
            if ($first === null || $then === null || $lower->kind === BodyKind::Mover || $upper->kind === BodyKind::Mover) {
                continue;
            }
            if (! $this->draft->graph->need($then, $first, 'rests')) {
                $this->blocked[] = [$upper, $lower];
            }
            // It is not carried in before there is a place for it.
            $this->draft->graph->need("carry:{$this->footing->units[$upper->id]->id}", $first, 'rests');
        }
    }
}
