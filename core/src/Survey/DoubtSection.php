<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Draw\Outline;
use Incastro\Core\Draw\Tapes;
use Incastro\Core\Measure\Length;

/** Writes down how well a room is known, and what to measure next with where to hold the tape. */
final readonly class DoubtSection
{
    private Tapes $tapes;

    public function __construct(private Room $room)
    {
        $this->tapes = new Tapes(new Outline($room, Length::zero()));
    }

    /** @return array<string, mixed> */
    public function doubt(): array
    {
        $doubt = $this->room->doubt;

        return [
            'now' => $doubt->now, 'then' => $doubt->then, 'advice' => $doubt->advice,
            'known' => $doubt->known, 'next' => array_map($this->advice(...), $doubt->next), 'enough' => $doubt->isEnough(),
        ];
    }

    /** @return array<string, mixed> */
    private function advice(Advice $advice): array
    {
        $view = Tapes::viewOf($advice->reading, $this->room->space);

        return [
            'reading' => $advice->reading->id === '' ? null : $advice->reading->id,
            'name' => ReadingName::of($advice->reading),
            'take' => ReadingWriter::shape($advice->reading),
            'helps' => $advice->helps,
            'now' => Clip::nearest($advice->now),
            'then' => Clip::nearest($advice->then),
            'view' => $view->value,
            'tape' => $this->tapes->in($view, $advice->reading),
        ];
    }
}
