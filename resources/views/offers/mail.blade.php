{{ $offer->sent->text('verdict') }}: {{ $file->sheet->name }}, serial {{ $file->job->serial }} ({{ $file->job->tag() }}).

@foreach($offer->ways() as $way)
{{ __('offer.way.'.$way->code) }}: {{ $way->price() }}, {{ $way->ready() }}
  {{ implode(', ', $way->what) }}

@endforeach
@if($offer->unsure() !== [])
What we are not sure of: {{ implode(' ', $offer->unsure()) }}

@endif
See all of it and answer here, by {{ $offer->wantedBy()->format('j F') }}:
{!! $offer->link() !!}

Nothing is done before you answer.

{{ config('app.shop') }}
