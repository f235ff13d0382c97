<form method="post" action="/jobs/{{ $job->tag() }}/verify" class="field mt-1">
    @csrf <x-ulid /><input type="hidden" name="subject" value="{{ $subject }}">
    <label for="reason-{{ str_replace('.', '-', $subject) }}" class="sr-only">Reason, {{ lcfirst($name) }}</label>
    <input
        id="reason-{{ str_replace('.', '-', $subject) }}" name="reason" placeholder="{{ __('verify.reason') }}"
        value="{{ old('subject') === $subject ? old('reason') : '' }}" maxlength="200" required autocomplete="off">
    <div class="mt-1 flex gap-2">
        @foreach(\App\Storage\DispositionKind::cases() as $kind)<button class="button plain" name="kind" value="{{ $kind->value }}">
                {{ __("verify.kind.{$kind->value}") }}
            </button>@endforeach
    </div>
</form>
