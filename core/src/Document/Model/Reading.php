<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Facts\ReadingNote;
use Incastro\Core\Document\Facts\ReadingPhoto;
use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Measure\Length;

/**
 * A reading stored as measured: what, where, and every standing take.
 * `z` is its height above the floor; `fromZ` is where the level or plumb line starts (plumb only);
 * `x` is from the left side and `y` from the back wall, null where `side` or `plane` say it.
 */
final readonly class Reading
{
    /**
     * @param  list<Take>  $takes  takes not struck out, oldest first
     * @param  list<ReadingNote>  $notes  the same
     * @param  list<ReadingPhoto>  $photos  the same
     */
    public function __construct(
        public string $id,
        public ReadingKind $kind,
        public ?Side $side,
        public Plane $plane,
        public ?Rise $rise,
        public Length $z,
        public Length $fromZ,
        public array $takes,
        public ?Face $face = null,
        public ?Along $along = null,
        public ?Length $x = null,
        public ?Length $y = null,
        public ?Length $run = null,
        public ?Length $alongBack = null,
        public ?Length $alongSide = null,
        public ?string $edge = null,
        public ?int $step = null,
        public bool $levelled = false,
        public array $notes = [],
        public array $photos = [],
        private ?string $saidUnreached = null,
    ) {
    }

    public function isTaken(): bool
    {
        return $this->takes !== [];
    }

    /** The fact that says it could not be taken, by id; a take of it has the last word. */
    public function unreached(): ?string
    {
        return $this->isTaken() ? null : $this->saidUnreached;
    }

    public function last(): ?Take
    {
        return $this->takes === [] ? null : $this->takes[count($this->takes) - 1];
    }

    /** What the last take says; null for angles and where nothing is read. */
    public function value(): ?Length
    {
        return $this->last()?->value;
    }

    /** It says how a side stands to the back wall. */
    public function tellsOfCorner(): bool
    {
        return $this->kind === ReadingKind::CornerAngle || $this->kind === ReadingKind::ThreeFourFive
            || ($this->kind === ReadingKind::Diagonal && $this->face === Face::Floor);
    }

    /** Held to the left, right or back wall, floor or ceiling. */
    public function on(): Face
    {
        return $this->face ?? Face::from($this->side->value ?? 'left');
    }
}
