import { dateText, shortDateText } from './date-text';

describe('a date', () => {
  const speaks = (...languages: string[]) => jest.spyOn(navigator, 'languages', 'get').mockReturnValue(languages);
  afterEach(() => jest.restoreAllMocks());

  it('has day and month in the order of the walker’s English, and is the same day in every time zone', () => {
    speaks('en-US');
    expect(dateText('2027-08-16')).toBe('Aug 16, 2027');
    speaks('de-DE', 'en-GB');
    expect([dateText('2027-01-01'), shortDateText('2027-12-31')]).toEqual(['1 Jan 2027', '31 Dec']);
  });

  it('is British where the browser speaks no English', () => {
    speaks('fr');
    expect(dateText('2027-08-16')).toBe('16 Aug 2027');
  });
});
