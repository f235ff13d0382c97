<h2>Photos</h2>
<div class="photos">
@foreach($view->photos as $photo)
    <figure>
        <a href="/jobs/{{ $file->job->tag() }}/photos/{{ $photo['ulid'] }}.jpg"><img
                src="/jobs/{{ $file->job->tag() }}/photos/{{ $photo['ulid'] }}.jpg?size=small"
                alt="{{ ucfirst($photo['about']) }}{{ $photo['remark'] === '' ? '' : ': '.$photo['remark'] }}" width="{{ $photo['width'] }}"
                height="{{ $photo['height'] }}" loading="lazy"></a>
        <figcaption>{{ $photo['about'] }}{{ $photo['remark'] === '' ? '' : ': '.$photo['remark'] }}</figcaption>
    </figure>
@endforeach
@if($mayWrite)
    <div class="flex gap-2">
        <x-photo-form :job="$file->job" subject="engine" stage="receive" id="engine" label="Photo of the engine" />
        <x-photo-form :job="$file->job" subject="paperwork" stage="receive" id="paperwork" label="Photo of the paperwork" />
    </div>
@endif
</div>
<p class="soft text-sm">
    JPEG, PNG or WebP up to {{ \App\Photos\PhotoStore::MOST_MEGABYTES }} MB. They are turned upright, made smaller, and where they were
    taken is removed.
</p>
