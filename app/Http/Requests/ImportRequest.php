<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Words\Language;
use Illuminate\Foundation\Http\FormRequest;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** A project file as the body of the request. */
final class ImportRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Project::class) === true;
    }

    /** As large as a packed project may come in. */
    private const LARGEST = 100_000_000;

    /**
     * The file as it came, on disk for as long as the work takes: it may be far larger than what is wanted in memory.
     *
     * @template T
     *
     * @param  \Closure(string $path, bool $isPacked): T  $work
     * @return T
     */
    public function onDisk(\Closure $work): mixed
    {
        $path = tempnam(sys_get_temp_dir(), 'incastro-import-') ?: throw new \RuntimeException('No temporary file could be made.');
        try {
            $file = fopen($path, 'wb') ?: throw new \RuntimeException('The temporary file could not be written.');
            $bytes = (int) stream_copy_to_stream($this->getContent(true), $file, self::LARGEST + 1);
            fclose($file);
            if ($bytes > self::LARGEST) {
                throw new UnprocessableEntityHttpException(Language::say('The file is larger than 100 MB; expected a project and its photos.'));
            }

            // Told by its first bytes: what the sender says of it counts for nothing.
            return $work($path, in_array(file_get_contents($path, length: 4), ["PK\x03\x04", "PK\x05\x06"], true));
        } finally {
            unlink($path);
        }
    }
}
