import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { notFound, savedByAnother } from '../platform/problem.js';
import { PropertyAnswer, PropertyChange, PropertyFields } from './property.dto.js';
import { Property } from './property.entity.js';

@Injectable()
export class PropertiesService {
  constructor(@InjectRepository(Property) private readonly properties: Repository<Property>) {}

  async list(firmId: string): Promise<PropertyAnswer[]> {
    const rows = await this.properties.find({
      where: { firmId },
      order: { name: 'ASC', id: 'ASC' },
    });
    return rows.map(propertyAnswer);
  }

  async one(firmId: string, id: string): Promise<PropertyAnswer> {
    const row = await this.properties.findOneBy({ firmId, id });
    if (!row) throw notFound('property');
    return propertyAnswer(row);
  }

  async add(firmId: string, fields: PropertyFields): Promise<PropertyAnswer> {
    const row = await this.properties.save(this.properties.create({ ...columns(fields), firmId }));
    return this.one(firmId, row.id);
  }

  /** Saves a change made from the stored version, or refuses it whole. */
  async change(firmId: string, id: string, change: PropertyChange): Promise<PropertyAnswer> {
    const { version, ...fields } = change;
    const { affected } = await this.properties.update(
      { firmId, id, version },
      { ...columns(fields), version: version + 1 },
    );
    if (affected) return { id, ...columns(fields), version: version + 1 };
    await this.one(firmId, id);
    throw savedByAnother('This property');
  }
}

const columns = (fields: PropertyFields) => ({
  name: fields.name,
  address: fields.address,
  town: fields.town,
  timeZone: fields.timeZone ?? null,
  latitude: fields.latitude ?? null,
  longitude: fields.longitude ?? null,
});

export const propertyAnswer = (row: Property): PropertyAnswer => ({
  id: row.id,
  name: row.name,
  address: row.address,
  town: row.town,
  timeZone: row.timeZone,
  latitude: row.latitude,
  longitude: row.longitude,
  version: row.version,
});
