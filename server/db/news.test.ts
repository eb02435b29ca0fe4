import { describe, expect, it } from 'vitest';
import { newsHere } from './news';

describe('news', () => {
  it('is heard by who follows that thing of that kitchen, and of all kitchens by who follows its kind', async () => {
    const news = newsHere();
    const heard: string[] = [];
    const off = news.follow(1, 'run', 'a', () => heard.push('run a'));
    news.follow(1, 'run', null, () => heard.push('any run'));
    news.follow(2, 'run', 'a', () => heard.push('of another kitchen'));
    news.followAll('pantry', (kitchen) => heard.push(`pantry of ${kitchen}`));
    news.tell(1, 'run', 'a');
    news.tell(1, 'run', 'b');
    news.tell(7, 'pantry');
    off();
    news.tell(1, 'run', 'a');
    expect(heard).toEqual(['run a', 'any run', 'any run', 'pantry of 7', 'any run']);
    await news.close();
  });
});
