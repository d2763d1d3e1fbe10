<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * What nobody has read of a side: a stretch of its height where some place is further than a hand from all that was read, or the place where a slid
 * edge found it proud, with no width there.
 */
final readonly class Unread
{
    /** @param  Length|null  $proud  of the place (`from` high, `to` from the back); null for a stretch of heights */
    public function __construct(public Side $side, public Length $from, public Length $to, public ?Length $proud = null)
    {
    }

    public function text(): Text
    {
        return Text::of(($this->proud === null ? 'survey.unread_' : 'survey.proud_').$this->side->value, ...$this->args());
    }

    /** @return array<string, Length> of the sentence */
    public function args(): array
    {
        return $this->proud === null ? ['from' => $this->from, 'to' => $this->to] : ['by' => $this->proud, 'z' => $this->from, 'y' => $this->to];
    }

    /** The reading that would fill the hole. */
    public function ask(): Reading
    {
        return $this->proud === null
            ? new Reading('', ReadingKind::SlidEdge, null, Plane::Front, null, Length::zero(), Length::zero(), [], Face::from($this->side->value))
            : new Reading('', ReadingKind::Width, null, Plane::Front, null, $this->from, Length::zero(), [], y: $this->to);
    }
}
