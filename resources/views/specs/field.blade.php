<div class="spec-field"><label for="{{ $id }}">{{ $field->label }}</label>
    @if($field->choices !== [] && in_array($stands, $field->choices, true))
    <select id="{{ $id }}" name="value[{{ $field->path }}]" @class(['wrong' => $isWrong])>
        @foreach($field->choices as $choice)<option @selected($choice === $stands)>{{ $choice }}</option>@endforeach
    </select>
    @else
    <input
        id="{{ $id }}" name="value[{{ $field->path }}]" value="{{ $stands }}" maxlength="200" autocomplete="off"
        @class(['wrong' => $isWrong])>
    @endif
</div>
