<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Readings\Measurements;
use Incastro\Core\Survey\Readings\Tapes;

/** How well a room is known, and what to measure next with where to hold the tape. */
final readonly class DoubtSection implements \JsonSerializable
{
    private Tapes $tapes;

    public function __construct(private Room $room)
    {
        $this->tapes = new Tapes(new RoomOutline($room, Length::zero()));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $doubt = $this->room->doubt;
        $best = $doubt->forWidth?->reading;

        return [
            'now' => $doubt->now, 'then' => $doubt->then, 'advice' => $best === null ? null : Measurements::of($best->kind)->name($best),
            'known' => $doubt->known, 'next' => array_map($this->advice(...), $doubt->next), 'enough' => $doubt->isEnough(),
        ];
    }

    /** @return array<string, mixed> */
    private function advice(Advice $advice): array
    {
        $form = Measurements::of($advice->reading->kind);
        $view = $form->view($advice->reading, $this->room->space);

        return [
            'reading' => $advice->reading->id === '' ? null : $advice->reading->id,
            'name' => $form->name($advice->reading),
            'take' => ReadingWriter::shape($advice->reading),
            'helps' => $advice->helps,
            'now' => Clip::nearest($advice->now),
            'then' => Clip::nearest($advice->then),
            'view' => $view->value,
            'tape' => Measurements::tape($advice->reading, $view, $this->tapes),
        ];
    }
}
