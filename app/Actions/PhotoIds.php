<?php

declare(strict_types=1);

namespace App\Actions;

/** Which photos a document names, and the document with other ids for them: a photo's id is its own over all projects. */
final class PhotoIds
{
    /**
     * @param  array<array-key, mixed>  $document
     * @return list<string>
     */
    public static function in(array $document): array
    {
        $facts = is_array($document['facts'] ?? null) ? $document['facts'] : [];
        $ids = array_filter(array_map(fn (mixed $f): mixed => is_array($f) ? $f['photo'] ?? null : null, $facts), is_string(...));

        return array_values(array_unique($ids));
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array{array<array-key, mixed>, array<string, string>} the document, and the new id by the old
     */
    public static function renewed(array $document): array
    {
        $new = [];
        foreach (self::in($document) as $id) {
            $new[$id] = Starting::id();
        }
        $facts = is_array($document['facts'] ?? null) ? $document['facts'] : [];
        foreach ($facts as $key => $fact) {
            if (is_array($fact) && is_string($fact['photo'] ?? null)) {
                $facts[$key]['photo'] = $new[$fact['photo']];
            }
        }

        return [isset($document['facts']) ? ['facts' => $facts] + $document : $document, $new];
    }
}
