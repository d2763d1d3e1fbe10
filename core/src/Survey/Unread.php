<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What nobody has read of a side, and the reading that would tell (`Missing`). */
final readonly class Unread
{
    /** @param  Length|null  $by  how far out that place is (`from` high, `to` from the back); null for a stretch of heights, `from` to `to` */
    public function __construct(public Side $side, public Length $from, public Length $to, public ?Length $by = null, public Missing $what = Missing::Stretch)
    {
    }

    public function text(): Text
    {
        return Text::of("survey.{$this->what->said()}_{$this->side->value}", ...$this->args());
    }

    /** @return array<string, Length> of the sentence */
    public function args(): array
    {
        return $this->by === null ? ['from' => $this->from, 'to' => $this->to] : ['by' => $this->by, 'z' => $this->from, 'y' => $this->to];
    }

    /** The reading that would fill the hole. */
    public function ask(): Reading
    {
        $ofFace = fn (ReadingKind $kind, ?Along $along, ?int $step): Reading => new Reading('', $kind, null, Plane::Front, null, Length::zero(),
            Length::zero(), [], Face::from($this->side->value), $along, step: $step);

        return match ($this->what) {
            Missing::Stretch, Missing::Nowhere => $ofFace(ReadingKind::SlidEdge, null, null),
            Missing::Parts, Missing::NowhereInParts => $ofFace(ReadingKind::SlidEdge, null, 1),
            Missing::Proud, Missing::Turns => new Reading('', ReadingKind::Width, null, Plane::Front, null, $this->from, Length::zero(), [], y: $this->to),
            Missing::Hollow => new Reading('', ReadingKind::Narrowest, null, Plane::Front, null, Length::zero(), Length::zero(), []),
            Missing::Leans => new Reading('', ReadingKind::Width, null, Plane::Front, null, $this->from, Length::zero(), []),
            Missing::StepOut => $ofFace(ReadingKind::StepEdge, Along::Depth, null),
            Missing::StepUp => $ofFace(ReadingKind::StepEdge, null, null),
        };
    }
}
