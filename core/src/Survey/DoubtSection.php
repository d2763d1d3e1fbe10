<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** How well a room is known, and what to measure next with where to hold the tape. */
final readonly class DoubtSection implements \JsonSerializable
{
    /** @param  list<\JsonSerializable|array<array-key, mixed>|null>  $tapes  where the tape of each advised reading lies, as drawn */
    public function __construct(private Room $room, private array $tapes)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $doubt = $this->room->doubt;

        return [
            'now' => $doubt->now, 'then' => $doubt->then, 'advice' => $doubt->advice,
            'known' => $doubt->known, 'next' => array_map($this->advice(...), $doubt->next, array_keys($doubt->next)), 'enough' => $doubt->isEnough(),
        ];
    }

    /** @return array<string, mixed> */
    private function advice(Advice $advice, int $nth): array
    {
        return [
            'reading' => $advice->reading->id === '' ? null : $advice->reading->id,
            'name' => ReadingName::of($advice->reading),
            'take' => ReadingWriter::shape($advice->reading),
            'helps' => $advice->helps,
            'now' => Clip::nearest($advice->now),
            'then' => Clip::nearest($advice->then),
            'view' => ReadingView::of($advice->reading, $this->room->space)->value,
            'tape' => $this->tapes[$nth] ?? null,
        ];
    }
}
