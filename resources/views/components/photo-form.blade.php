@props(['job', 'subject', 'stage', 'id', 'label' => 'Photo', 'face' => null])
<form
    class="photo-form" method="post" action="/jobs/{{ $job->tag() }}/photos" enctype="multipart/form-data" id="photo-{{ $id }}" data-keep
    data-words="photo of {{ $subject }}">
    @csrf
    <x-ulid />
    <input type="hidden" name="subject" value="{{ $subject }}">
    <input type="hidden" name="stage" value="{{ $stage }}">
    @if($face !== null)<input type="hidden" name="face" value="{{ $face }}">@endif
    <label class="button plain" for="file-{{ $id }}">{{ $label }}<input
            class="sr-only" type="file" id="file-{{ $id }}" name="photo" accept="image/jpeg,image/png,image/webp" capture="environment"
            data-sends></label>
    <noscript><button class="button plain">Send</button></noscript>
    <x-live-error :id="'photo-'.$id" />
</form>
